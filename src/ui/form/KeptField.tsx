'use client';

import { useRef, useState, type InputHTMLAttributes, type ReactNode } from 'react';
import { classes } from '../classes';
import { INPUT, TextField } from '../Field';

/** What was typed, read; or what to type instead. */
export type Read<T> = { readonly value: T } | { readonly why: string };

/** Keeps a value; what was refused and why, or null when it is kept. */
export type Keep<T> = (value: T, typed: string) => void | Promise<string | null>;

interface Props<T> extends Pick<InputHTMLAttributes<HTMLInputElement>, 'placeholder' | 'inputMode' | 'list'> {
  readonly label: string;
  readonly labelHidden?: boolean;
  readonly hint?: ReactNode;
  readonly wrap?: string;
  /** Figures stand in their own letters, to the right in tables. */
  readonly letters?: 'figures' | 'figures right' | 'text';
  readonly maxLength?: number;
  /** What stands in the field while nothing is typed. */
  readonly shown: string;
  readonly read: (typed: string) => Read<T>;
  readonly onKeep: Keep<T>;
}

/**
 * A field that is kept when it is left or Enter is pressed. What cannot be read or is refused stays as typed, with the
 * reason under it; Escape puts back what was kept.
 */
export function KeptField<T>({ shown, read, onKeep, letters = 'figures', ...field }: Props<T>) {
  const [typed, setTyped] = useState<string | null>(null);
  const [why, setWhy] = useState<string | undefined>();
  const pending = useRef<string | null>(null);
  const put = (text: string | null): void => {
    setTyped(text);
    setWhy(undefined);
  };
  const settle = async (): Promise<void> => {
    if (typed === null) return;
    const text = typed.trim();
    // Enter, and leaving the field while it is being kept, are one.
    if (text === pending.current) return;
    if (text === shown) return put(null);
    const found = read(text);
    if ('why' in found) return setWhy(found.why);
    pending.current = text;
    const refused = await onKeep(found.value, text);
    pending.current = null;
    if (refused) setWhy(refused);
    else put(null);
  };
  return (
    <TextField
      {...field}
      className={classes(INPUT, letters !== 'text' && 'fig', letters === 'figures right' && 'text-right')}
      error={why}
      value={typed ?? shown}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => void settle()}
      onKeyDown={(event) => {
        if (event.key === 'Enter') void settle();
        if (event.key === 'Escape') put(null);
      }}
      autoComplete="off"
    />
  );
}
