'use client';

import type { ReactNode } from 'react';
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

/** A row of them under a small word; on a phone it is pushed sideways, so that all rows stay on the screen. */
export function PressRow({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div
      role="group"
      aria-label={label}
      className="flex items-center gap-1.5 overflow-x-auto sm:flex-wrap sm:overflow-visible"
    >
      <span className="shrink-0 text-[12px] text-slate max-sm:w-14">{label}</span>
      {children}
    </div>
  );
}
