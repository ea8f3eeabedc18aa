'use client';

import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { useRef, type ReactNode } from 'react';
import { placeOf, returnTo, type Place } from './keepFocus';

interface Props {
  readonly open: boolean;
  /** Left out where it has to be answered: then neither Escape nor a press beside it leaves it. */
  readonly onOpenChange?: (open: boolean) => void;
  readonly title: string;
  readonly about?: string;
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** What a dialog is for gets the focus first, not the button that closes it. */
const FIRST =
  'input:not([disabled]), select:not([disabled]), textarea:not([disabled]), a[href], button:not([disabled]):not([aria-label="Close"])';

/**
 * A question that comes before anything else on the screen. Escape leaves it. The first field has the focus while it is open;
 * afterwards the focus is where it was, or at what stands there now.
 */
export function Dialog({ open, onOpenChange, title, about, wide = false, children }: Props) {
  const content = useRef<HTMLDivElement>(null);
  const opener = useRef<Place | null>(null);
  return (
    <Radix.Root open={open} {...(onOpenChange && { onOpenChange })}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Radix.Content
          {...(about ? {} : { 'aria-describedby': undefined })}
          ref={content}
          onOpenAutoFocus={(event) => {
            opener.current = placeOf(document.activeElement);
            const first = content.current?.querySelector<HTMLElement>(FIRST);
            if (!first) return;
            event.preventDefault();
            first.focus();
          }}
          onCloseAutoFocus={(event) => {
            if (!opener.current) return;
            event.preventDefault();
            returnTo(opener.current);
          }}
          className={`fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-line bg-panel p-5 shadow-lg ${wide ? 'max-w-3xl' : 'max-w-md'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Radix.Title className="text-[1.125rem] font-semibold">{title}</Radix.Title>
            {onOpenChange && (
              <Radix.Close
                className="grid size-7 max-desk:size-8 place-items-center text-slate hover:text-ink"
                aria-label="Close"
              >
                <X size={16} aria-hidden="true" />
              </Radix.Close>
            )}
          </div>
          {about && <Radix.Description className="mb-3 text-slate">{about}</Radix.Description>}
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
