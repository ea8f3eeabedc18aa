import { documentWith, readDocument, readEntry, registersOfDocument } from '../gate';
import { canonicalJson, joined, saysSame } from '../kernel';
import type { RoomDocument } from '../records';
import type { Entry } from '../events';
import { placedInOrder } from '../journal';

/** What a room holds. */
export interface RoomContents {
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
  /** Records that were set aside, as they stand: another device may have what they lacked. */
  readonly aside?: readonly unknown[];
}

/** Records by their identity. */
export const byId = <T extends { readonly id: string }>(all: readonly T[]): Map<string, T> =>
  new Map(all.map((one) => [one.id, one]));

/** Of two that bear one identity and differ, the same one whoever asks; entries never change, so this is a damaged file. */
const either = <T>(a: T, b: T): T => (canonicalJson(a) >= canonicalJson(b) ? a : b);

function mergeDocument(a: RoomDocument, b: RoomDocument): RoomDocument {
  if (a.kind !== b.kind) return either(a, b);
  const registers = joined(registersOfDocument(a), registersOfDocument(b));
  return documentWith(a, registers, Math.max(a.rev, b.rev));
}

/** The place in the journal is given by each room. */
const UNSAID = ['seq'];

/** A room with what was set aside in it, as far as it can be read by itself. */
function withAside({ documents, entries, aside = [] }: RoomContents): RoomContents {
  const [papers, journal] = [byId(documents), byId(entries)];
  for (const raw of aside) {
    const [document, entry] = [readDocument(raw), readEntry(raw)];
    if (entry.ok && !journal.has(entry.value.id)) journal.set(entry.value.id, entry.value);
    else if (document.ok && !papers.has(document.value.id)) papers.set(document.value.id, document.value);
  }
  return { documents: [...papers.values()], entries: [...journal.values()] };
}

/** By the moment of writing, which goes up strictly on each device; of two devices at one moment by identity. */
const byWriting = (a: Entry, b: Entry): number =>
  a.recorded === b.recorded ? (a.id < b.id ? -1 : 1) : a.recorded < b.recorded ? -1 : 1;

/**
 * Two rooms that were one, each written to since, as one room: all entries of both in the order in which they were written, documents part
 * by part as they were last said. Nothing of either is left out, and it does not matter in which order or how often devices meet:
 * commutative, associative, idempotent.
 *
 * Domain: rooms whose moments of writing go up strictly (`writtenInOrder`). Whether the whole makes sense is asked by `settle`.
 * Complexity: n log n in the entries.
 */
export function mergeRooms(mine: RoomContents, other: RoomContents): RoomContents {
  const [a, b] = [withAside(mine), withAside(other)];
  const documents = byId(a.documents);
  for (const theirs of b.documents) {
    const mine = documents.get(theirs.id);
    documents.set(theirs.id, mine ? mergeDocument(mine, theirs) : theirs);
  }
  const entries = byId(a.entries);
  for (const theirs of b.entries) {
    const mine = entries.get(theirs.id);
    const isSame = mine === undefined || saysSame(mine, theirs, UNSAID);
    entries.set(theirs.id, mine === undefined ? theirs : isSame ? mine : either(mine, theirs));
  }
  return {
    documents: [...documents.values()].sort((x, y) => (x.id < y.id ? -1 : 1)),
    entries: placedInOrder([...entries.values()].sort(byWriting)),
  };
}
