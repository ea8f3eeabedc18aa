'use client';

import { useState, type ReactNode } from 'react';
import { formatQuantity, parseQuantity, type QuantityKind, withUnit } from '@/core/kernel';
import { unreadWords } from './form/fieldWords';
import { TextField } from './Field';

interface Props {
  readonly label: string;
  readonly kind: QuantityKind;
  /** Value in the core's unit; undefined when nobody gave one. */
  readonly value: number | undefined;
  /** What was typed for it, when that is known. */
  readonly entered?: string | undefined;
  /** The unit of a bare number, and of values that nobody typed. */
  readonly unit: string;
  readonly onChange: (core: number | undefined, text: string) => void;
  readonly hint?: ReactNode;
  /** What it is taken to be while nobody says, in the core's unit. */
  readonly assumed?: number | undefined;
  readonly optional?: boolean;
  /** Refuses a value that makes no sense here; words that follow "expected". */
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
  const shown = value === undefined ? '' : (entered ?? formatQuantity(kind, value, unit));
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | undefined>();

  const settle = (): void => {
    if (draft === null) return;
    if (draft.trim() === '' && optional) {
      setDraft(null);
      setError(undefined);
      if (value !== undefined) onChange(undefined, '');
      return;
    }
    const parsed = parseQuantity(kind, draft, unit);
    const refused = parsed.ok ? refuse?.(parsed.quantity.core) : unreadWords(kind, draft);
    if (!parsed.ok || refused) {
      setError(refused ?? undefined);
      return;
    }
    setError(undefined);
    setDraft(null);
    const typed = withUnit(parsed.quantity.text, kind, unit);
    if (typed !== shown) onChange(parsed.quantity.core, typed);
  };

  return (
    <TextField
      label={label}
      hint={value === undefined && assumed !== undefined ? 'assumed' : hint}
      placeholder={assumed === undefined ? undefined : formatQuantity(kind, assumed, unit)}
      error={error}
      className="fig min-h-8 w-full rounded-xs border border-line bg-panel px-2 py-1 aria-[invalid=true]:border-buoy"
      value={draft ?? shown}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={settle}
      onKeyDown={(event) => {
        if (event.key === 'Enter') settle();
        if (event.key === 'Escape') {
          setDraft(null);
          setError(undefined);
        }
      }}
      autoComplete="off"
    />
  );
}
