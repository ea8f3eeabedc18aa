import type { DocumentBodies } from '../records/documents';
import { quarantineState } from '../arrivals/quarantine';
import { QUARANTINE_LONG_DAYS } from '../events/quarantineDays';
import { LOOK_HOURS } from '../events/events';
import { NEW_TANK_LIFE, residentsOf, type Room } from '../events/room';
import { daysBetween } from '../kernel/time/days';
import type { DueItem } from './dueItem';
import { careDue, claimsDue, riskDue, staysDue, type Care } from './careDue';
import { waitingDue, waterDue, wavesDue } from './waterDue';

/** By what a due thing is put off: its tank and its kind. */
export const dueKey = ({ tank, kind }: DueItem): string => `${tank}:${kind}`;

/** What the keeper has planned and put off. */
export interface DuePlans {
  readonly waves: readonly DocumentBodies['waves'][];
  readonly care?: readonly Care[];
  readonly putOff: readonly { readonly key: string; readonly until: string; readonly why: string }[];
}

const HOUR_MS = 3_600_000;
const LOOK_WORDS: Readonly<Record<(typeof LOOK_HOURS)[number], string>> = {
  2: 'two hours',
  24: 'a day',
  48: '2 days',
  168: '7 days',
};
/** A territorial tank that nobody watched for a week has no record to judge a step by (from memory). */
const WATCH_EVERY_DAYS = 7;
/** Groups are counted once in two weeks, so that a shoal that dwindles is seen (from memory). */
const COUNT_EVERY_DAYS = 14;

function looks(tankId: string, room: Room, now: string): readonly DueItem[] {
  const life = room.tanks[tankId];
  if (!life?.lastArrival) return [];
  const hours = (Date.parse(now) - Date.parse(life.lastArrival)) / HOUR_MS;
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
      text: `Look at the newcomers: ${LOOK_WORDS[next]} after they came.`,
      overdueDays: Math.floor((hours - next) / 24),
    },
  ];
}

function quarantine(tankId: string, room: Room, now: string): readonly DueItem[] {
  const here = residentsOf(room, tankId);
  if (here.length === 0) return [];
  const life = room.tanks[tankId]?.quarantine ?? NEW_TANK_LIFE.quarantine;
  const since = here.reduce(
    (last, resident) => (resident.inTankSince > last ? resident.inTankSince : last),
    '',
  );
  const { day, days, freeOn, why } = quarantineState(life, since, now.slice(0, 10));
  const overdueDays = daysBetween(freeOn, now.slice(0, 10));
  return [
    {
      tank: tankId,
      kind: 'quarantine-over',
      text:
        overdueDays < 0
          ? `Quarantine, day ${day} of ${days} to ${Math.max(days, QUARANTINE_LONG_DAYS)}${why ? `; ${why}` : ''}.`
          : `Quarantine is ${day - 1} days old: the batch can move on if nothing showed.`,
      overdueDays,
    },
  ];
}

function rhythm(tankId: string, room: Room, now: string): readonly DueItem[] {
  const here = residentsOf(room, tankId);
  const life = room.tanks[tankId];
  if (here.length === 0) return [];
  const since = (on: string | null | undefined, fallback: string): number => daysBetween(on ?? fallback, now);
  const first = here.reduce(
    (earliest, resident) => (resident.cameOn < earliest ? resident.cameOn : earliest),
    now,
  );
  const due: DueItem[] = [];
  const individuals = here.filter((resident) => resident.individual).length;
  if (individuals >= 2) {
    const days = since(life?.lastWatch, first);
    if (days >= WATCH_EVERY_DAYS)
      due.push({
        tank: tankId,
        kind: 'watch',
        text: life?.lastWatch ? `Not watched for ${days} days.` : 'Never watched yet.',
        overdueDays: days - WATCH_EVERY_DAYS,
      });
  }
  if (here.some((resident) => !resident.individual)) {
    const days = since(life?.lastCount, first);
    if (days >= COUNT_EVERY_DAYS)
      due.push({
        tank: tankId,
        kind: 'count',
        text: life?.lastCount ? `Not counted for ${days} days.` : 'The groups have never been counted.',
        overdueDays: days - COUNT_EVERY_DAYS,
      });
  }
  return due;
}

/**
 * What is due over all tanks, overdue first; what was put off is left out until its day. `now` is an ISO moment.
 */
export function dueItems(
  tanks: readonly { readonly id: string; readonly body: DocumentBodies['tank'] }[],
  room: Room,
  now: string,
  plans: DuePlans = { waves: [], putOff: [] },
): readonly DueItem[] {
  const off = new Set(plans.putOff.flatMap(({ key, until }) => (until > now.slice(0, 10) ? [key] : [])));
  return [
    ...plans.waves.flatMap((plan) => wavesDue(plan, now)),
    ...(plans.care ?? []).flatMap((care) => careDue(care, now)),
    ...tanks.flatMap(({ id, body }) => [
      ...(body.purpose === 'quarantine' ? quarantine(id, room, now) : []),
      ...looks(id, room, now),
      ...rhythm(id, room, now),
      ...waterDue({ id, body }, room, now),
      ...waitingDue({ id, body }, room, now),
      ...staysDue(id, room, now),
      ...claimsDue(id, room, now),
      ...riskDue(id, room, now),
    ]),
  ]
    .filter((item) => !off.has(dueKey(item)))
    .sort((a, b) => b.overdueDays - a.overdueDays || (a.text < b.text ? -1 : 1));
}
