import { effective, type Entry } from '@/core/events';
import { experienceIn, type ExperienceFile, type TankSaid } from '@/core/evidence';
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

/** The experience file of a room as it stands. `now` is an ISO moment. */
export const experienceOfRoom = (
  documents: readonly RoomDocument[],
  entries: readonly Entry[],
  secret: string,
  now: string,
): ExperienceFile => experienceIn(effective(entries), documents.flatMap(tankSaid), secret, now);
