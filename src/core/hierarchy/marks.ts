import { type Resident, type Standing, type Step, trackTanks } from '../events';
import type { When } from '../kernel';
import { ELO_START, type EloStep } from './eloRanking';

/** Something that may have moved the order: who came, who left, what was changed. */
export type OrderMark = { readonly on: string } & (
  | {
      readonly kind: 'came';
      readonly how: 'came' | 'moved in' | 'returned' | 'found alive';
      readonly who: readonly string[];
    }
  | { readonly kind: 'left'; readonly how: 'moved out' | 'died' | 'rehomed'; readonly who: readonly string[] }
  | { readonly kind: 'step'; readonly step: Step }
);

/** Introductions, removals and steps of a tank, in the order of time; what befell its fish elsewhere is left out. */
export function hierarchyMarks(happenings: readonly Standing[], tank: string): readonly OrderMark[] {
  const track = trackTanks();
  let tankOf: (id: string) => string | undefined = () => undefined;
  return happenings.flatMap((event): OrderMark[] => {
    const wasHere = 'resident' in event && event.resident !== null && tankOf(event.resident) === tank;
    tankOf = track(event);
    const { on } = event;
    switch (event.type) {
      case 'came':
        return event.tank === tank
          ? [{ on, kind: 'came', how: 'came', who: event.members.map(({ id }) => id) }]
          : [];
      case 'moved':
        if (event.tank === tank)
          return wasHere ? [] : [{ on, kind: 'came', how: 'moved in', who: [event.resident] }];
        return wasHere ? [{ on, kind: 'left', how: 'moved out', who: [event.resident] }] : [];
      case 'back-again':
        return event.tank === tank && (event.what === 'returned' || event.what === 'found alive')
          ? [{ on, kind: 'came', how: event.what, who: [event.resident] }]
          : [];
      case 'died':
      case 'rehomed':
        return wasHere ? [{ on, kind: 'left', how: event.type, who: [event.resident] }] : [];
      case 'stepped-in':
        return event.tank === tank ? [{ on, kind: 'step', step: event.step }] : [];
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
