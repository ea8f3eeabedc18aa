import type { EntryId } from '../kernel';
import type { Dated, NewEntry } from '../events';
import type { RoomDocument } from '../records';

/** A change to the room as plain data. A list of changes is made whole or not at all. */
export type Change =
  | { readonly kind: 'append'; readonly entry: NewEntry }
  | {
      readonly kind: 'put';
      readonly document: RoomDocument;
      /** The document that this was made from; null where there was none. What others wrote since is merged. */
      readonly base?: RoomDocument | null;
    };

/** Where new identifiers and the moment come from. */
export interface Stamp {
  readonly id: () => EntryId;
  /** Now, as an ISO moment in Coordinated Universal Time. */
  readonly now: () => string;
  /** The keeper's time zone, such as `Europe/Oslo`. */
  readonly zone?: () => string;
}

/** What an appended entry said, without its place in the journal. */
export function datedOf(entry: NewEntry): Dated | null {
  if (entry.type === 'corrected') return null;
  const { id: _id, recorded: _recorded, zone: _zone, ...dated } = entry;
  return dated;
}

/** An entry as a change. */
export const appendOf = (dated: Dated, stamp: Stamp): Change => ({
  kind: 'append',
  entry: { ...dated, id: stamp.id(), recorded: stamp.now() } as NewEntry,
});

/** A correction as a change: what is true instead of an entry, or null to strike it out. */
export const correctionOf = (
  target: EntryId,
  on: string,
  replacement: Dated | null,
  stamp: Stamp,
): Change => ({
  kind: 'append',
  entry: { id: stamp.id(), recorded: stamp.now(), type: 'corrected', on, target, replacement },
});
