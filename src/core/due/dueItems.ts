import type { DocumentBodies } from '../journal/documents';
import { residentsOf, type Room } from '../journal/room';
import { daysBetween } from '../units/days';
import type { DueItem } from './dueItem';
import { waitingDue, waterDue, wavesDue } from './waterDue';

/** By what a due thing is put off: its tank and its kind. */
export const dueKey = ({ tank, kind }: DueItem): string => `${tank}:${kind}`;

/** What the keeper has planned and put off. */
export interface DuePlans {
  readonly waves: readonly DocumentBodies['waves'][];
  readonly putOff: readonly { readonly key: string; readonly until: string; readonly why: string }[];
}

/** Looks after an arrival, in days: a day, two, a week (common practice). */
const LOOKS = [1, 2, 7] as const;
/** Quarantine lasts four weeks at the least (common practice: four to six). */
const QUARANTINE_DAYS = 28;
const QUARANTINE_LONG_DAYS = 42;
/** A territorial tank that nobody watched for a week has no record to judge a step by (from memory). */
const WATCH_EVERY_DAYS = 7;
/** Groups are counted once in two weeks, so that a shoal that dwindles is seen (from memory). */
const COUNT_EVERY_DAYS = 14;

function looks(tankId: string, room: Room, now: string): readonly DueItem[] {
  const life = room.tanks[tankId];
  if (!life?.lastArrival) return [];
  const age = daysBetween(life.lastArrival, now);
  const next = LOOKS.filter((day) => age >= day).pop();
  const seenSince = [life.lastWatch, life.lastCount].some(
    (on) => on !== null && next !== undefined && daysBetween(life.lastArrival as string, on) >= next,
  );
  if (next === undefined || seenSince || age > LOOKS[LOOKS.length - 1]! * 2) return [];
  return [
    {
      tank: tankId,
      kind: 'look',
      text: `Look at the newcomers: ${next === 1 ? 'a day' : `${next} days`} after they came.`,
      overdueDays: age - next,
    },
  ];
}

function quarantine(tankId: string, room: Room, now: string): readonly DueItem[] {
  const here = residentsOf(room, tankId);
  if (here.length === 0) return [];
  const since = here.reduce(
    (last, resident) => (resident.inTankSince > last ? resident.inTankSince : last),
    '',
  );
  const days = daysBetween(since, now);
  if (days < QUARANTINE_DAYS) {
    return [
      {
        tank: tankId,
        kind: 'quarantine-over',
        text: `Quarantine, day ${days + 1} of ${QUARANTINE_DAYS} to ${QUARANTINE_LONG_DAYS}.`,
        overdueDays: days - QUARANTINE_DAYS,
      },
    ];
  }
  return [
    {
      tank: tankId,
      kind: 'quarantine-over',
      text: `Quarantine is ${days} days old: the batch can move on if nothing showed.`,
      overdueDays: days - QUARANTINE_DAYS,
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
    ...tanks.flatMap(({ id, body }) => [
      ...(body.purpose === 'quarantine' ? quarantine(id, room, now) : []),
      ...looks(id, room, now),
      ...rhythm(id, room, now),
      ...waterDue({ id, body }, room, now),
      ...waitingDue({ id, body }, room, now),
    ]),
  ]
    .filter((item) => !off.has(dueKey(item)))
    .sort((a, b) => b.overdueDays - a.overdueDays || (a.text < b.text ? -1 : 1));
}
