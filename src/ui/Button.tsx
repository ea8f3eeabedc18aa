import type { ButtonHTMLAttributes } from 'react';
import { classes } from './classes';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** `main` once a screen at most, `plain` for the rest, `quiet` inside lists, `warn` for what cannot be taken lightly. */
  readonly tone?: 'main' | 'plain' | 'quiet' | 'warn';
  /** Large targets for wet hands. */
  readonly large?: boolean;
}

const TONES = {
  main: 'bg-deep text-on-deep border-deep hover:brightness-110',
  plain: 'border-line bg-panel text-ink hover:border-slate',
  quiet: 'border-transparent text-deep underline-offset-2 hover:underline',
  warn: 'border-buoy text-buoy hover:bg-buoy hover:text-paper',
} as const;

/** A button that says what it does. */
export function Button({ tone = 'plain', large = false, className, type = 'button', ...rest }: Props) {
  return (
    <button
      type={type}
      className={classes(
        'inline-flex items-center justify-center gap-1.5 rounded-xs border font-medium disabled:cursor-not-allowed disabled:opacity-45',
        large
          ? 'min-h-11 px-4 text-[15px]'
          : tone === 'quiet'
            ? 'min-h-7 text-[13px]'
            : 'min-h-7 px-2.5 text-[13px]',
        TONES[tone],
        className,
      )}
      {...rest}
    />
  );
}
