import { assess, roomPlan } from '@/core/assess';
import { keepScore } from '@/core/commands';
import { applyEvent, residentsOf, type Room } from '@/core/events';
import { warningsOf } from '@/core/evidence';
import { type Change, datedOf } from '@/core/gate';
import { DAY_MS, monthOf, type TankId } from '@/core/kernel';
import type { RoomDocument } from '@/core/records';
import { todayIso } from './today';
import type { Session } from './types';

/** What is entered later than this after the fish came is no prediction: its outcome may be known. */
const LATEST_DAYS = 7;

interface Before {
  readonly room: Room;
  readonly documents: Readonly<Record<string, RoomDocument>>;
}

const speciesIn = (room: Room, tank: string): ReadonlySet<string> =>
  new Set(residentsOf(room, tank).map(({ species }) => species));

/** The warnings on a tank about the fish that live there, as the rules stand today; those that `isNew` says, and those on the tank itself. */
export function warningsOn(
  tank: string,
  { room, documents }: Before,
  session: Session,
  isNew: (species: string) => boolean = () => true,
) {
  const document = documents[tank];
  // Quarantine is for a month: nobody is kept in it.
  if (document?.kind !== 'tank' || !document.body || document.body.purpose === 'quarantine') return [];
  const today = todayIso();
  const { catalogue } = session;
  const { findings } = assess(
    roomPlan(document.body, residentsOf(room, tank), [], catalogue, today),
    catalogue,
    today,
  );
  return warningsOf(
    findings.filter(({ species }) => species.length === 0 || species.some(isNew)),
    speciesIn(room, tank),
    monthOf(today),
  );
}

/**
 * Changes by which fish come to live in a tank, with the warnings about them, to be kept score of from then on. What was entered late
 * makes none.
 */
export function predictedWith(
  before: Before,
  changes: readonly Change[],
  session: Session,
): readonly Change[] {
  let room = before.room;
  const came = new Map<string, string>();
  for (const change of changes) {
    const event = change.kind === 'append' ? datedOf(change.entry) : null;
    if (event === null) continue;
    room = applyEvent(room, event);
    if ((event.type === 'came' || event.type === 'moved') && event.tank !== null)
      came.set(event.tank, event.on);
  }
  const now = Date.parse(session.stamp.now());
  const warnedOf = (tank: string, fresh: readonly string[]): ReturnType<typeof warningsOn> => {
    try {
      return warningsOn(tank, { room, documents: before.documents }, session, (one) => fresh.includes(one));
    } catch {
      // What happened is written, whatever becomes of the rules.
      return [];
    }
  };
  const more = [...came].flatMap(([tank, on]) => {
    const there = speciesIn(before.room, tank);
    const fresh = [...speciesIn(room, tank)].filter((one) => !there.has(one));
    if (fresh.length === 0 || now - Date.parse(on) > LATEST_DAYS * DAY_MS) return [];
    return keepScore(tank as TankId, warnedOf(tank, fresh), on, session.stamp);
  });
  return [...changes, ...more];
}
