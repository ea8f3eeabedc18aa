import { readDocument, readEntry } from '@/core/gate';
import { isDamaged, type Entry } from '@/core/events';
import type { Fault, Outcome } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import type { Aside, Snapshot } from './port';

const isTree = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === 'object' && !Array.isArray(value);

/** So many faults of one record are told. */
const TOLD = 3;
const whyOf = (outcome: Outcome<unknown>): readonly Fault[] =>
  outcome.ok ? [] : outcome.faults.slice(0, TOLD);

/** Documents as they stand in the storage: those that can be read, lifted to this version, and the others. */
export function openDocuments(
  raw: readonly unknown[],
  at: string,
): {
  readonly documents: readonly RoomDocument[];
  readonly aside: readonly Aside[];
  readonly ids: readonly string[];
} {
  const documents: RoomDocument[] = [];
  const aside: Aside[] = [];
  const ids: string[] = [];
  for (const value of raw) {
    const read = readDocument(value);
    if (read.ok) documents.push(read.value);
    else {
      const id = isTree(value) && typeof value.id === 'string' ? value.id : '';
      if (id !== '') ids.push(id);
      aside.push({ key: `document-${id}`, what: 'document', raw: value, why: whyOf(read), at });
    }
  }
  return { documents, aside, ids };
}

/** So many entries are looked at before the look can pause. */
const ENTRIES_A_STEP = 1500;

/** Entries of the journal that cannot be read, with what is wrong with each; with pauses. */
export function* damagedEntries(
  entries: readonly Entry[],
  at: string,
): Generator<undefined, { readonly aside: readonly Aside[]; readonly seqs: readonly number[] }> {
  const damaged: Entry[] = [];
  for (const [i, entry] of entries.entries()) {
    if (isDamaged(entry)) damaged.push(entry);
    if (i % ENTRIES_A_STEP === ENTRIES_A_STEP - 1) yield;
  }
  return {
    aside: damaged.map((entry) => {
      return { key: `entry-${entry.seq}`, what: 'entry', raw: entry, why: whyOf(readEntry(entry)), at };
    }),
    seqs: damaged.map(({ seq }) => seq),
  };
}

/** A snapshot that can be shown at first; it is proven against the journal behind the screen. */
export function soundSnapshot(snapshot: Snapshot | null): Snapshot | null {
  if (!isTree(snapshot) || !isTree(snapshot.room)) return null;
  const { room, seq, lastOn } = snapshot;
  const sound =
    isTree(room.residents) &&
    isTree(room.tanks) &&
    Array.isArray(room.loose) &&
    room.loose.every(isTree) &&
    Number.isInteger(seq) &&
    typeof lastOn === 'string' &&
    Object.values(room.residents).every((one) => isTree(one) && typeof one.tank === 'string');
  return sound ? snapshot : null;
}
