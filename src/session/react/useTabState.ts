'use client';

import { useEffect, useState, type Dispatch, type SetStateAction } from 'react';
import { forget, recall, remember } from '../browserMemory';

const PREFIX = 'lomvik.tab.';

/** What stands under this key in this tab; `undefined` where there is nothing, or nothing that can be read. */
export function tabMemory(key: string): unknown {
  try {
    return JSON.parse(recall('sessionStorage', PREFIX + key) ?? 'null') ?? undefined;
  } catch {
    return undefined;
  }
}

export const rememberInTab = (key: string, value: unknown): void =>
  value === undefined
    ? forget('sessionStorage', PREFIX + key)
    : remember('sessionStorage', PREFIX + key, JSON.stringify(value));

const isAlike = (one: unknown, other: unknown): boolean =>
  typeof one === typeof other && Array.isArray(one) === Array.isArray(other);

/**
 * State that a reload and a way back leave as it was: filters, searches, ticks. Each tab has its own.
 * `start` and all later values are plain data; what was kept in another shape is left out. The key stays the same.
 * @example const [words, setWords] = useTabState('diary.words', '');
 */
export function useTabState<T>(key: string, start: T): [T, Dispatch<SetStateAction<T>>] {
  const [held, setHeld] = useState<T>(() => {
    const kept = tabMemory(key);
    return isAlike(kept, start) ? (kept as T) : start;
  });
  useEffect(() => rememberInTab(key, held), [key, held]);
  return [held, setHeld];
}
