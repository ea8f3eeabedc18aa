import type { Resident, Room, Standing } from '../events';
import type { When } from '../kernel';
import { ELO_START, type EloStep } from './eloRanking';

/** Something that may have moved the order: who came, who left, what was changed. */
export interface OrderMark {
  readonly on: string;
  readonly kind: 'came' | 'left' | 'step';
  readonly text: string;
}

/** Introductions, removals and steps of a tank, in the order of time. */
export function hierarchyMarks(
  happenings: readonly Standing[],
  tank: string,
  room: Room,
  nameOf: (id: string) => string,
): readonly OrderMark[] {
  const lived = new Set<string>();
  return happenings.flatMap((event): OrderMark[] => {
    switch (event.type) {
      case 'came':
        if (event.tank !== tank) return [];
        for (const member of event.members) lived.add(member.id);
        return [
          {
            on: event.on,
            kind: 'came',
            text: `${event.members.map((one) => nameOf(one.id)).join(', ')} came`,
          },
        ];
      case 'moved':
        if (event.tank === tank) {
          lived.add(event.resident);
          return [{ on: event.on, kind: 'came', text: `${nameOf(event.resident)} moved in` }];
        }
        return lived.delete(event.resident)
          ? [{ on: event.on, kind: 'left', text: `${nameOf(event.resident)} moved out` }]
          : [];
      case 'back-again':
        if (event.tank !== tank || (event.what !== 'returned' && event.what !== 'found alive')) return [];
        lived.add(event.resident);
        return [{ on: event.on, kind: 'came', text: `${nameOf(event.resident)} came back` }];
      case 'died':
      case 'rehomed':
        return lived.has(event.resident) || room.residents[event.resident]?.tank === tank
          ? [{ on: event.on, kind: 'left', text: `${nameOf(event.resident)} ${event.type}` }]
          : [];
      case 'stepped-in':
        return event.tank === tank ? [{ on: event.on, kind: 'step', text: event.step }] : [];
      default:
        return [];
    }
  });
}

/** How a newcomer has fared since it came. */
export interface NewcomerPath {
  readonly id: string;
  readonly days: number;
  readonly wins: number;
  readonly losses: number;
  /** Ratings after each of its contests, the mean it started at first. */
  readonly ratings: readonly number[];
}

/** A fish is a newcomer to the order for so many days (from memory). */
const NEWCOMER_DAYS = 60;

/** Somebody who is new: how long, and from which place in the course on it was there. */
export interface Newcomer {
  readonly id: string;
  readonly days: number;
  readonly since: number;
}

/** Those that came within two months to a tank in which others had lived before. `placeOf` finds a moment in the course. */
export function newcomersAmong(
  residents: readonly Pick<Resident, 'id' | 'inTankSince'>[],
  { dayOf, daysSince }: Pick<When, 'dayOf' | 'daysSince'>,
  placeOf: (moment: string) => number,
): readonly Newcomer[] {
  const first = residents.reduce(
    (early, one) => (one.inTankSince < early ? one.inTankSince : early),
    residents[0]?.inTankSince ?? '',
  );
  return residents.flatMap(({ id, inTankSince }): Newcomer[] => {
    const days = daysSince(inTankSince);
    return days > NEWCOMER_DAYS || dayOf(inTankSince) === dayOf(first)
      ? []
      : [{ id, days, since: placeOf(inTankSince) }];
  });
}

/** The way of each newcomer; the moment of a step is its place in the course. */
export function newcomerPaths(
  trace: readonly EloStep[],
  newcomers: readonly Newcomer[],
): readonly NewcomerPath[] {
  return newcomers.map(({ id, days, since }) => {
    const own = trace.filter((step) => (step.winner === id || step.loser === id) && Number(step.on) >= since);
    return {
      id,
      days,
      wins: own.filter((step) => step.winner === id).length,
      losses: own.filter((step) => step.loser === id).length,
      ratings: [ELO_START, ...own.map((step) => (step.winner === id ? step.winnerAfter : step.loserAfter))],
    };
  });
}
