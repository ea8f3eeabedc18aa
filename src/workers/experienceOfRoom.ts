import { effective, type Entry } from '@/core/events';
import { experienceIn, type ExperienceFile, roomNameOf, type TankSaid } from '@/core/evidence';
import type { RoomDocument } from '@/core/records';

/** The measures of a tank, and its hides where somebody said how many. */
function tankSaid(document: RoomDocument): readonly TankSaid[] {
  if (document.kind !== 'tank' || !document.body) return [];
  const { lengthCm, widthCm, heightCm, hides } = document.body.tank;
  const count =
    typeof hides === 'object'
      ? Object.values(hides).reduce<number>((sum, one) => sum + (one ?? 0), 0)
      : hides;
  return [{ id: document.id, lengthCm, widthCm, heightCm, hides: count ?? null }];
}

/**
 * What the names in the files of a room are made from: the identity of the entry that was written first. It is drawn by chance, stays with the
 * room on all its devices, and stands in no file but the room's own.
 */
const secretOf = (entries: readonly Entry[]): string =>
  entries.reduce<Entry | null>(
    (first, one) =>
      first === null ||
      one.recorded < first.recorded ||
      (one.recorded === first.recorded && one.id < first.id)
        ? one
        : first,
    null,
  )?.id ?? '';

/** The experience file of a room as it stands. `now` is an ISO moment. */
export const experienceOfRoom = (
  documents: readonly RoomDocument[],
  entries: readonly Entry[],
  now: string,
): ExperienceFile => experienceIn(effective(entries), documents.flatMap(tankSaid), secretOf(entries), now);

/** The name that a room bears in its experience files. */
export const ownNameOf = (entries: readonly Entry[]): string => roomNameOf(secretOf(entries));

/** A room as it is read for its experience: its journal only where it is needed. */
export interface OwnRecord {
  readonly documents: readonly RoomDocument[];
  readonly entries: () => Promise<readonly Entry[]>;
  /** Changes when anything is written. */
  readonly mark: string;
}
