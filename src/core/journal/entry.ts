import type { EntryId } from '../kernel';

/** Something that happened: what kind of thing, and when (ISO moment). */
export interface Happened {
  readonly type: string;
  readonly on: string;
}

/** A correction replaces what an earlier entry says, or strikes it out with `null`. The earlier entry stays in the journal. */
export interface Correction<H extends Happened> {
  readonly type: 'corrected';
  readonly target: EntryId;
  readonly replacement: H | null;
  readonly on: string;
}

/** An entry that is left out of the state, and why. */
export interface Loose {
  readonly id: string;
  readonly type: string;
  readonly on: string;
  readonly why: 'no name or moment' | 'unknown type' | 'damaged' | 'nobody' | 'too many';
}

/** What the journal adds to what happened. */
interface Written {
  readonly id: EntryId;
  /** Its place, given by the store. */
  readonly seq: number;
  /** The moment at which it was written down. */
  readonly recorded: string;
  /** The keeper's time zone when it was written down, such as `Australia/Sydney`. */
  readonly zone?: string | undefined;
}

/** One line of the journal. */
export type EntryOf<H extends Happened> = (H | Correction<H>) & Written;

/** An entry that the store has not placed yet. */
export type NewEntryOf<H extends Happened> =
  EntryOf<H> extends infer E ? (E extends EntryOf<H> ? Omit<E, 'seq'> : never) : never;

/** Entries with their places from one on: the same objects where they stand there already. */
export const placedInOrder = <E extends { readonly seq: number }>(entries: readonly E[]): readonly E[] =>
  entries.map((entry, i) => (entry.seq === i + 1 ? entry : { ...entry, seq: i + 1 }));

/** A happening as it stands after all corrections, with the entry it came from. */
export type StandingOf<H extends Happened> = H & {
  readonly id: EntryId;
  readonly seq: number;
  /** Whether a correction says what stands here; an entry that nobody corrected stands as it was written. */
  readonly corrected?: boolean;
  /** When the first entry was written down. */
  readonly recorded?: string;
};

/** By the moment it happened, then by the order in which it was written down. */
export const byMoment = (a: { on: string; seq: number }, b: { on: string; seq: number }): number =>
  a.on < b.on ? -1 : a.on > b.on ? 1 : a.seq - b.seq;
