'use client';

import { KeptField, type Keep } from './form/KeptField';

interface Props {
  readonly label: string;
  readonly labelHidden?: boolean;
  readonly wrap?: string;
  readonly placeholder?: string;
  /** What may be chosen instead of typed: the name of a `datalist`. */
  readonly list?: string;
  readonly value: string;
  /** A blank is refused. */
  readonly needed?: boolean;
  readonly onKeep: Keep<string>;
}

const LONGEST = 500;

/** A line of text that is kept when the field is left. */
export function KeptText({ value, needed = false, ...field }: Props) {
  return (
    <KeptField
      {...field}
      letters="text"
      maxLength={LONGEST}
      shown={value}
      read={(typed) => (needed && typed === '' ? { why: 'Fill this in.' } : { value: typed })}
    />
  );
}
