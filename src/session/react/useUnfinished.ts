import { useEffect, useState } from 'react';
import type { UnitChoice } from '@/core/kernel';
import { rememberInTab, tabMemory } from './useTabState';

type Values = Readonly<Record<string, unknown>>;

const differs = (one: unknown, other: unknown): boolean => JSON.stringify(one) !== JSON.stringify(other);

/** What was kept of the fields that this form has. */
function known(kept: unknown, start: Values): Values {
  const values = kept !== null && typeof kept === 'object' ? (kept as Values) : {};
  return Object.fromEntries(Object.entries(values).filter(([name]) => name in start));
}

/**
 * What was typed into a form and not written yet, kept in this tab for after a reload: only what differs from the start, so
 * that a day or a default is never an old one. Bare figures mean the units in which they were typed: others begin anew.
 */
export function useUnfinished(
  form: string | undefined,
  start: Values,
  { length, volume, temperature, hardness }: UnitChoice,
) {
  const key = form && `form.${form}.${[length, volume, temperature, hardness].join()}`;
  const [kept] = useState(() => (key ? known(tabMemory(key), start) : {}));
  const useKeeping = (typed: Values): void => {
    const changed = Object.entries(typed).filter(
      ([name, value]) => name in start && differs(value, start[name]),
    );
    const text = JSON.stringify(Object.fromEntries(changed));
    useEffect(() => {
      if (key) rememberInTab(key, text === '{}' ? undefined : JSON.parse(text));
    }, [text]);
  };
  /** Forgets it: it was written, or given up. */
  const drop = (): void => {
    if (key) rememberInTab(key, undefined);
  };
  return { kept, useKeeping, drop };
}
