import { useEffect, useState } from 'react';
import type { UnitChoice } from '@/core/kernel';
import { rememberInTab, tabMemory } from './useTabState';

/**
 * What was typed into a form and not written yet, kept in this tab for after a reload: only what differs from the start, so
 * that a day or a default is never an old one. Bare figures mean the units in which they were typed: others begin anew.
 */
type Values = Readonly<Record<string, unknown>>;

const differs = (one: unknown, other: unknown): boolean => JSON.stringify(one) !== JSON.stringify(other);

/** Under what a form's draft is kept; undefined for a form without a name, whose draft is not kept. */
export const draftKey = (
  form: string | undefined,
  { length, volume, temperature, hardness }: UnitChoice,
): string | undefined => form && `form.${form}.${[length, volume, temperature, hardness].join()}`;

/** What was kept of the fields that this form has, as it stood when the form opened. */
export function useDraft(key: string | undefined, start: Values): Values {
  const [draft] = useState(() => {
    const kept = key ? tabMemory(key) : undefined;
    const values = kept !== null && typeof kept === 'object' ? (kept as Values) : {};
    return Object.fromEntries(Object.entries(values).filter(([name]) => name in start));
  });
  return draft;
}

/** Keeps what was typed, as long as it differs from the start. */
export function useKeepDraft(key: string | undefined, start: Values, typed: Values): void {
  const changed = Object.entries(typed).filter(
    ([name, value]) => name in start && differs(value, start[name]),
  );
  const text = JSON.stringify(Object.fromEntries(changed));
  useEffect(() => {
    if (key) rememberInTab(key, text === '{}' ? undefined : JSON.parse(text));
  }, [key, text]);
}

/** Forgets it: it was written, or given up. */
export function dropDraft(key: string | undefined): void {
  if (key) rememberInTab(key, undefined);
}
