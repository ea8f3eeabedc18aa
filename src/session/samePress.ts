import { canonicalJson } from '@/core/kernel';
import type { Change } from '@/core/gate';

/** Parts that are made anew at each press: identities and moments. */
const FRESH = new Set([
  'id',
  'key',
  'watch',
  'bundle',
  'incident',
  'on',
  'recorded',
  'startedOn',
  'runningSince',
  'rev',
]);

function plain(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(plain);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([name]) => !FRESH.has(name) && name !== 'base')
      .map(([name, inner]) => [name, plain(inner)]),
  );
}

/** What a press asks for, without what is new at each press: two presses of one button in a row ask for the same. */
export const pressOf = (label: string, changes: readonly Change[]): string =>
  canonicalJson([label, plain(changes)]);
