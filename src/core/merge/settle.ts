import { type BackupRead, readBackupInSteps } from '../formats';
import { documentWith, registersOfDocument, shapeOf } from '../gate';
import { changed, type Fault, type Outcome } from '../kernel';
import { BACKUP_VERSION } from '../migrate';
import type { Catalogue } from '../model';
import type { RoomDocument } from '../records';
import type { Entry } from '../events';
import { byId, type RoomContents } from './mergeRooms';

/** A record of a merged room that contradicts the rest: the same fish that left twice, a list of a tank that is gone. */
export interface Contradiction {
  readonly what: 'document' | 'entry';
  readonly raw: RoomDocument | Entry;
  readonly why: readonly Fault[];
}

/** A merged room that makes sense, and what had to be set aside for it. */
export interface Settled extends RoomContents {
  readonly aside: readonly Contradiction[];
}

const lastSaid = (document: RoomDocument | undefined): string =>
  document === undefined
    ? ''
    : [...registersOfDocument(document).values()].reduce((last, { at }) => (at > last ? at : last), '');

/** Of parts of two devices that make no whole together (more males than fish), those of the device that spoke last, said anew. */
function lastWhole(
  merged: RoomDocument,
  mine: RoomDocument | undefined,
  theirs: RoomDocument | undefined,
  now: string,
): RoomDocument {
  const last = lastSaid(mine) >= lastSaid(theirs) ? mine : theirs;
  return documentWith(
    merged,
    changed(registersOfDocument(merged), last?.body ?? null, now, shapeOf(merged)),
    merged.rev,
  );
}

/** Where in a list of a file a fault is. */
const placeOf = (path: string, list: string): number | null => {
  const found = new RegExp(`^${list}\\[(\\d+)\\]`).exec(path);
  return found ? Number(found[1]) : null;
};

/** The faults of each record of a list. */
function faultsBy(faults: readonly Fault[], list: string): ReadonlyMap<number, readonly Fault[]> {
  const by = new Map<number, Fault[]>();
  for (const fault of faults) {
    const place = placeOf(fault.path, list);
    if (place === null) continue;
    const own = { ...fault, path: fault.path.replace(/^[^\]]*\]\.?/, '') };
    by.set(place, [...(by.get(place) ?? []), own]);
  }
  return by;
}

/** What was left out of a reading, with its faults. */
function leftOut<T extends RoomDocument | Entry>(
  all: readonly T[],
  kept: readonly { readonly id: string }[],
  faults: ReadonlyMap<number, readonly Fault[]>,
  what: Contradiction['what'],
): readonly Contradiction[] {
  const ids = new Set<string>(kept.map(({ id }) => id));
  return all.flatMap((raw, i) => (ids.has(raw.id) ? [] : [{ what, raw, why: faults.get(i) ?? [] }]));
}

/**
 * A merged room that can be opened: what contradicts the rest is set aside, as a file with such records would be read. `now` is an ISO
 * moment. With pauses.
 */
export function* settle(
  merged: RoomContents,
  mine: RoomContents,
  theirs: RoomContents,
  { catalogue, now }: { readonly catalogue: Catalogue; readonly now: string },
): Generator<undefined, Settled> {
  const [here, there] = [byId(mine.documents), byId(theirs.documents)];
  const read = (documents: readonly RoomDocument[]): Generator<undefined, Outcome<BackupRead>> =>
    readBackupInSteps(
      { format: 'lomvik', version: BACKUP_VERSION, exportedOn: now, documents, entries: merged.entries },
      catalogue,
      now,
    );
  let { documents } = merged;
  let done = yield* read(documents);
  if (!done.ok) throw new Error('A merged room is a room');
  const kept = byId(done.value.backup.documents);
  const fit = documents.map((one) =>
    kept.has(one.id) || !here.has(one.id) || !there.has(one.id)
      ? one
      : lastWhole(one, here.get(one.id), there.get(one.id), now),
  );
  if (fit.some((one, i) => one !== documents[i])) {
    documents = fit;
    done = yield* read(documents);
    if (!done.ok) throw new Error('A merged room is a room');
  }
  const { backup, faults } = done.value;
  return {
    documents: backup.documents,
    entries: backup.entries,
    aside: [
      ...leftOut(documents, backup.documents, faultsBy(faults, 'documents'), 'document'),
      ...leftOut(merged.entries, backup.entries, faultsBy(faults, 'entries'), 'entry'),
    ],
  };
}
