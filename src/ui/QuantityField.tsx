'use client';

import type { ReactNode } from 'react';
import { parseQuantity, type QuantityKind, withUnit } from '@/core/kernel';
import { formatQuantity } from '@/words/en';
import { unreadWords } from './form/fieldWords';
import { KeptField, type Read } from './form/KeptField';

interface Props {
  readonly label: string;
  readonly kind: QuantityKind;
  /** Value in the core's unit; undefined when nobody gave one. */
  readonly value: number | undefined;
  /** What was typed for it, when that is known. */
  readonly entered?: string | undefined;
  /** The unit of a bare number, and of values that nobody typed. */
  readonly unit: string;
  /** Keeps it; what was refused and why, or null. */
  readonly onChange: (core: number | undefined, text: string) => void | Promise<string | null>;
  readonly hint?: ReactNode;
  /** What it is taken to be while nobody says, in the core's unit. */
  readonly assumed?: number | undefined;
  readonly optional?: boolean;
  /** Refuses a value that makes no sense here, in words. */
  readonly refuse?: (core: number) => string | null;
}

/** A measure typed in any unit. What was typed stays; it counts when the field is left or Enter is pressed. */
export function QuantityField({
  label,
  kind,
  value,
  entered,
  unit,
  onChange,
  hint,
  assumed,
  optional = false,
  refuse,
}: Props) {
  const read = (typed: string): Read<number | undefined> => {
    if (typed === '' && optional) return { value: undefined };
    const parsed = parseQuantity(kind, typed, unit);
    if (!parsed.ok) return { why: unreadWords(kind, typed) };
    const refused = refuse?.(parsed.quantity.core);
    return refused ? { why: refused } : { value: parsed.quantity.core };
  };
  return (
    <KeptField
      label={label}
      hint={value === undefined && assumed !== undefined ? 'assumed' : hint}
      placeholder={assumed === undefined ? undefined : formatQuantity(kind, assumed, unit)}
      shown={value === undefined ? '' : (entered ?? formatQuantity(kind, value, unit))}
      read={read}
      onKeep={(core, typed) => onChange(core, core === undefined ? '' : withUnit(typed, kind, unit))}
    />
  );
}
