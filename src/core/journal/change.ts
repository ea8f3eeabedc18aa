import type { DocumentId, EntryId } from '../kernel/schema/ids';
import type { Dated, NewEntry } from '../events/events';
import type { RoomDocument } from '../records/documents';

/** A change to the room as plain data. A list of changes is made whole or not at all. */
export type Change =
  | { readonly kind: 'append'; readonly entry: NewEntry }
  | { readonly kind: 'put'; readonly document: RoomDocument };

/** Where new identifiers and the moment come from. */
export interface Stamp {
  readonly id: () => EntryId;
  readonly now: () => string;
}

function strike(target: EntryId, on: string, stamp: Stamp): Change {
  return {
    kind: 'append',
    entry: { id: stamp.id(), recorded: stamp.now(), type: 'corrected', on, target, replacement: null },
  };
}

/** What an appended entry said, without its place in the journal. */
export function datedOf(entry: NewEntry): Dated | null {
  if (entry.type === 'corrected') return null;
  const { id: _id, recorded: _recorded, ...dated } = entry;
  return dated;
}

/** Before the changes: what documents said, and what corrections an entry already had. */
export interface Before {
  readonly document: (id: DocumentId) => RoomDocument | undefined;
  /** What the entry says now; null when struck out. */
  readonly standing: (id: EntryId) => Dated | null;
}

/**
 * Changes that take `changes` back. The journal only grows: an entry is taken back by striking it out, a correction by
 * correcting again to what stood before.
 */
export function invert(changes: readonly Change[], before: Before, stamp: Stamp): readonly Change[] {
  return [...changes].reverse().map((change): Change => {
    if (change.kind === 'put') {
      const previous = before.document(change.document.id);
      return { kind: 'put', document: previous ?? { ...change.document, body: null } };
    }
    const { entry } = change;
    if (entry.type !== 'corrected') return strike(entry.id, entry.on, stamp);
    return {
      kind: 'append',
      entry: {
        id: stamp.id(),
        recorded: stamp.now(),
        type: 'corrected',
        on: entry.on,
        target: entry.target,
        replacement: before.standing(entry.target),
      },
    };
  });
}
