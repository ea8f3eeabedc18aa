import type { Change, Stamp } from '../gate/change';
import type { Fault } from '../kernel/schema/faults';

/** What a command comes to: changes for the gate, or what is wrong with what was asked. */
export type Made =
  | { readonly ok: true; readonly changes: readonly Change[] }
  | { readonly ok: false; readonly faults: readonly Fault[] };

export const made = (...changes: readonly Change[]): Made => ({ ok: true, changes });
export const notMade = (path: string, expected: string, received = 'nothing'): Made => ({
  ok: false,
  faults: [{ path, expected, received }],
});

/** A fresh identifier for anything new. */
export const freshId = <T extends string>(stamp: Pick<Stamp, 'id'>): T => stamp.id() as unknown as T;
