'use client';

import { useEffect, useRef, useState, type ButtonHTMLAttributes, type MouseEvent } from 'react';
import { classes } from './classes';

interface Props extends Omit<ButtonHTMLAttributes<HTMLButtonElement>, 'onClick'> {
  /** `main` once a screen at most, `plain` for the rest, `quiet` inside lists, `warn` for what cannot be taken lightly, `chosen` for the one of several that is on. */
  readonly tone?: 'main' | 'plain' | 'quiet' | 'warn' | 'chosen';
  /** Large targets for wet hands. */
  readonly large?: boolean;
  /** What it began is not done yet; a press meanwhile counts for nothing. */
  readonly waiting?: boolean;
  /** What it does. While a promise of it runs, the button shows that it waits. */
  readonly onClick?: (event: MouseEvent<HTMLButtonElement>) => unknown;
}

const TONES = {
  main: 'bg-deep text-on-deep border-deep hover:brightness-110',
  plain: 'border-edge bg-panel text-ink hover:border-slate',
  quiet: 'border-transparent text-deep underline-offset-2 hover:underline',
  chosen: 'border-ink bg-ink text-paper',
  warn: 'border-buoy text-buoy hover:bg-buoy hover:text-paper',
} as const;

/** Whether something that a press began still runs. */
function useRunning(): readonly [boolean, (begun: unknown) => void] {
  const [running, setRunning] = useState(false);
  const mounted = useRef(true);
  useEffect(() => {
    mounted.current = true;
    return () => {
      mounted.current = false;
    };
  }, []);
  const follow = (begun: unknown): void => {
    if (!(begun instanceof Promise)) return;
    setRunning(true);
    void begun.finally(() => {
      if (mounted.current) setRunning(false);
    });
  };
  return [running, follow];
}

/** A button that says what it does, and shows when it waits. The wait is drawn only when it lasts. */
export function Button({
  tone = 'plain',
  large = false,
  waiting = false,
  className,
  type = 'button',
  onClick,
  ...rest
}: Props) {
  const [running, follow] = useRunning();
  const busy = waiting || running;
  return (
    <button
      type={type}
      aria-busy={busy || undefined}
      className={classes(
        'inline-flex items-center justify-center gap-1.5 rounded-xs border font-medium disabled:cursor-not-allowed disabled:opacity-45 aria-busy:cursor-progress aria-busy:opacity-60 aria-busy:transition-opacity aria-busy:delay-200',
        large
          ? 'min-h-11 px-4 text-[0.9375rem]'
          : tone === 'quiet'
            ? 'min-h-7 max-desk:min-h-8 text-[0.8125rem]'
            : 'min-h-7 max-desk:min-h-8 px-2.5 text-[0.8125rem]',
        TONES[tone],
        className,
      )}
      onClick={(event) => {
        if (busy) event.preventDefault();
        else follow(onClick?.(event));
      }}
      {...rest}
    />
  );
}
