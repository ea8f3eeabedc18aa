import { HOUR_MS, type When } from '../kernel';
import type { DocumentBodies } from '../records';
import { batchesOf } from '../arrivals';
import { LOOK_HOURS, residentsOf, type Room } from '../events';
import type { DueItem } from './dueItem';
import { boxesDue, careDue, claimsDue, countedBySpecies, riskDue, staysDue, type Care } from './careDue';
import { waitingDue, waterDue, wavesDue } from './waterDue';

/** By what a due thing is put off: its tank and its species. */
export const dueKey = ({ tank, kind }: DueItem): string => `${tank}:${kind}`;

/** Tells one due thing from all others. */
export const dueId = (item: DueItem): string => `${dueKey(item)}:${JSON.stringify(item.fact)}`;

/** What the keeper has planned and put off. */
export interface DuePlans {
  readonly waves: readonly DocumentBodies['waves'][];
  readonly care?: readonly Care[];
  readonly putOff: readonly { readonly key: string; readonly until: string; readonly why: string }[];
}

/** A territorial tank that nobody watched for a week has no record to judge a step by (from memory). */
const WATCH_EVERY_DAYS = 7;
/** Groups are counted once in two weeks, so that a shoal that dwindles is seen (from memory). */
const COUNT_EVERY_DAYS = 14;

function looks(tankId: string, room: Room, when: When): readonly DueItem[] {
  const life = room.tanks[tankId];
  if (!life?.lastArrival) return [];
  const hours = (Date.parse(when.now) - Date.parse(life.lastArrival)) / HOUR_MS;
  const next = LOOK_HOURS.filter((hour) => hours >= hour).pop();
  if (next === undefined || hours > LOOK_HOURS[LOOK_HOURS.length - 1]! * 2) return [];
  const at = new Date(Date.parse(life.lastArrival) + next * HOUR_MS).toISOString();
  const seenSince =
    (life.looks ?? []).some((hour) => hour >= next) ||
    [life.lastWatch, life.lastCount].some((on) => on !== null && on >= at);
  if (seenSince) return [];
  return [
    {
      tank: tankId,
      kind: 'look',
      fact: { says: 'look', hours: next },
      overdueDays: Math.floor((hours - next) / 24),
    },
  ];
}

function quarantine(tankId: string, room: Room, when: When): readonly DueItem[] {
  const batches = batchesOf(room, tankId, when);
  return batches
    .filter(({ passed }) => !passed)
    .map(({ residents, day, days, freeOn, signOn }) => {
      const overdueDays = when.daysSince(freeOn);
      const batch = batches.length > 1 ? countedBySpecies(residents) : [];
      return {
        tank: tankId,
        kind: 'quarantine-over',
        fact: { says: 'quarantine', batch, day, days, freeOn, signOn, over: overdueDays >= 0 },
        overdueDays,
      };
    });
}

function rhythm(tankId: string, room: Room, when: When): readonly DueItem[] {
  const here = residentsOf(room, tankId);
  const life = room.tanks[tankId];
  if (here.length === 0) return [];
  const since = (on: string | null | undefined, fallback: string): number => when.daysSince(on ?? fallback);
  const first = here.reduce(
    (earliest, { inTankSince }) => (inTankSince < earliest ? inTankSince : earliest),
    when.now,
  );
  const due: DueItem[] = [];
  const individuals = here.filter((resident) => resident.individual).length;
  if (individuals >= 2) {
    const days = since(life?.lastWatch, first);
    if (days >= WATCH_EVERY_DAYS)
      due.push({
        tank: tankId,
        kind: 'watch',
        fact: { says: 'watch', lastDays: life?.lastWatch ? days : null },
        overdueDays: days - WATCH_EVERY_DAYS,
      });
  }
  const groups = [...new Set(here.flatMap((one) => (one.individual ? [] : [one.species])))];
  if (groups.length > 0) {
    const days = since(life?.lastCount, first);
    if (days >= COUNT_EVERY_DAYS)
      due.push({
        tank: tankId,
        kind: 'count',
        fact: { says: 'count', lastDays: life?.lastCount ? days : null, species: groups },
        overdueDays: days - COUNT_EVERY_DAYS,
      });
  }
  return due;
}

/**
 * What is due over all tanks, overdue first; what was put off is left out until its day. Days are the keeper's own.
 */
export function dueItems(
  tanks: readonly { readonly id: string; readonly body: DocumentBodies['tank'] }[],
  room: Room,
  when: When,
  plans: DuePlans = { waves: [], putOff: [] },
): readonly DueItem[] {
  const off = new Set(plans.putOff.flatMap(({ key, until }) => (until > when.today ? [key] : [])));
  return [
    ...plans.waves.flatMap((plan) => wavesDue(plan, when)),
    ...(plans.care ?? []).flatMap((care) => careDue(care, when)),
    ...tanks.flatMap(({ id, body }) => [
      ...(body.purpose === 'quarantine' ? quarantine(id, room, when) : []),
      ...looks(id, room, when),
      ...rhythm(id, room, when),
      ...waterDue({ id, body }, room, when),
      ...waitingDue({ id, body }, room, when),
      ...staysDue(id, room, when),
      ...boxesDue(id, room, when),
      ...claimsDue(id, room, when),
      ...riskDue(id, room, when),
    ]),
  ]
    .filter((item) => !off.has(dueKey(item)))
    .sort((a, b) => b.overdueDays - a.overdueDays || (dueId(a) < dueId(b) ? -1 : 1));
}
