'use client';

import type { ReactNode } from 'react';
import { plain } from '@/words/en';
import { KeptField, type Keep, type Read } from './form/KeptField';
import { typedWords } from './form/fieldWords';

interface Props {
  readonly label: string;
  readonly labelHidden?: boolean;
  readonly hint?: ReactNode;
  readonly wrap?: string;
  readonly letters?: 'figures' | 'figures right';
  readonly placeholder?: string;
  /** Undefined when nobody said. */
  readonly value: number | undefined;
  /** How it is written. */
  readonly write?: (value: number) => string;
  readonly least: number;
  readonly most: number;
  readonly whole?: boolean;
  readonly onKeep: Keep<number | undefined>;
}

/** A plain number without a unit, with either decimal sign; blank when nobody knows. Kept when the field is left. */
export function NumberField({ value, write = plain, least, most, whole = false, ...field }: Props) {
  const read = (typed: string): Read<number | undefined> => {
    if (typed === '') return { value: undefined };
    const number = Number(typed.replace(',', '.').replace(/\s*%$/, ''));
    const sound = number >= least && number <= most && (!whole || Number.isInteger(number));
    return sound
      ? { value: number }
      : { why: typedWords(`${whole ? 'a whole number from ' : ''}${plain(least)} to ${plain(most)}`, typed) };
  };
  return (
    <KeptField
      inputMode={whole ? 'numeric' : 'decimal'}
      {...field}
      shown={value === undefined ? '' : write(value)}
      read={read}
    />
  );
}
