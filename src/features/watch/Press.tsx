'use client';

import { ChevronDown, ChevronUp } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';

/** A word to press with a wet thumb. */
export function Press({
  on = false,
  strong = false,
  onPress,
  children,
}: {
  readonly on?: boolean;
  readonly strong?: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Button
      large
      tone={on ? 'chosen' : 'plain'}
      aria-pressed={on}
      className={classes('shrink-0 px-3', !on && strong && 'border-slate')}
      onClick={onPress}
    >
      {children}
    </Button>
  );
}

/** A row of them under a small word. One that folds stands shut on a phone, so that all rows stay on the screen. */
export function PressRow({
  label,
  folds = false,
  children,
}: {
  readonly label: string;
  readonly folds?: boolean;
  readonly children: ReactNode;
}) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <div role="group" aria-label={label} className="flex flex-wrap items-center gap-1.5">
      {folds && (
        <Button large className="px-3 sm:hidden" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          {label}
          {isOpen ? <ChevronUp size={16} aria-hidden="true" /> : <ChevronDown size={16} aria-hidden="true" />}
        </Button>
      )}
      <span className={classes('shrink-0 text-[0.75rem] text-slate max-sm:w-14', folds && 'max-sm:hidden')}>
        {label}
      </span>
      <span className={classes('contents', folds && !isOpen && 'max-sm:hidden')}>{children}</span>
    </div>
  );
}
