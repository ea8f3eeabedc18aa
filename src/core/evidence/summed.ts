import { clusteredRate, clusteredShare, type Limited, type Observed } from '../stats';
import { type Choice, staysOf } from './chosen';
import { type Asked, canTell, happenedIn, type OutcomeName, OUTCOMES } from './outcomes';
import type { Counting, Pool, Shelves } from './pool';
import type { Stay } from './stay';

export interface OutcomeSum extends Limited {
  readonly outcome: OutcomeName;
  /** Tanks in which it happened, of how many that can tell. A tank counts once, however many stays it had. */
  readonly tanks: number;
  readonly of: number;
  /** Keepers of these. */
  readonly keepers: number;
}

export interface RateSum extends Limited {
  readonly from: string;
  readonly to: string;
  readonly events: number;
  /** Hours of watching, times the pairs of one and the other that were there. */
  readonly pairHours: number;
}

/** What keepers lived through with a species, or with two together. */
export interface ExperienceSum extends Asked {
  readonly keepers: number;
  readonly tanks: number;
  readonly tankMonths: number;
  readonly minutesWatched: number;
  readonly outcomes: readonly OutcomeSum[];
  /** Contests an hour and pair, from one to the other. */
  readonly rates: readonly RateSum[];
}

const countOf = ({ fish }: Stay, species: string): number =>
  fish.find((one) => one.species === species)?.count ?? 0;

/** Pairs of one and the other that can meet. */
function pairsIn(stay: Stay, from: string, to: string): number {
  const [a, b] = [countOf(stay, from), countOf(stay, to)];
  return from === to ? (a * (a - 1)) / 2 : a * b;
}

function rateOf(tanks: readonly (readonly Counting[])[], from: string, to: string): RateSum {
  const seen = tanks.map((stays): Observed => {
    let [events, hours] = [0, 0];
    for (const { stay } of stays) {
      hours += (stay.minutesWatched / 60) * pairsIn(stay, from, to);
      for (const one of stay.contests) if (one.by === from && one.to === to) events += one.count;
    }
    return { events, hours };
  });
  const watched = seen.filter(({ hours }) => hours > 0);
  const sum = (of: (one: Observed) => number): number => watched.reduce((all, one) => all + of(one), 0);
  return {
    from,
    to,
    events: sum((one) => one.events),
    pairHours: sum((one) => one.hours),
    ...clusteredRate(watched),
  };
}

/** Stays of one tank; a tank is one keeper's, whose place in a list is `keeper`. */
interface OneTank {
  readonly keeper: number;
  readonly stays: Counting[];
  minutes: number;
}

interface ByTank {
  readonly tanks: readonly OneTank[];
  readonly keepers: number;
}

/** The same list of stays is asked about again and again. */
const GROUPED = new WeakMap<readonly Counting[], ByTank>();

function byTank(stays: readonly Counting[]): ByTank {
  const known = GROUPED.get(stays) ?? groupedByTank(stays);
  GROUPED.set(stays, known);
  return known;
}

function groupedByTank(stays: readonly Counting[]): ByTank {
  const tanks = new Map<string, OneTank>();
  const keepers = new Map<string, number>();
  for (const one of stays) {
    let keeper = keepers.get(one.keeper);
    if (keeper === undefined) keepers.set(one.keeper, (keeper = keepers.size));
    const own = tanks.get(one.tank);
    if (own) {
      own.stays.push(one);
      own.minutes += one.stay.minutesWatched;
    } else tanks.set(one.tank, { keeper, stays: [one], minutes: one.stay.minutesWatched });
  }
  return { tanks: [...tanks.values()], keepers: keepers.size };
}

function outcomeOf(outcome: OutcomeName, { tanks, keepers }: ByTank, asked: Asked): OutcomeSum {
  const counted = Array.from({ length: keepers }, () => ({ k: 0, of: 0 }));
  for (const { keeper, stays, minutes } of tanks) {
    const own = counted[keeper];
    if (!own || !canTell(outcome, minutes)) continue;
    own.of += 1;
    if (stays.some(({ stay }) => happenedIn(outcome, stay, asked))) own.k += 1;
  }
  const telling = counted.filter(({ of }) => of > 0);
  return {
    outcome,
    tanks: telling.reduce((all, { k }) => all + k, 0),
    of: telling.reduce((all, { of }) => all + of, 0),
    keepers: telling.length,
    ...clusteredShare(telling),
  };
}

/** What of experience is wanted; all of it where nothing is said. */
export interface Wanted {
  readonly choice?: Choice;
  readonly outcomes?: readonly OutcomeName[];
  /** Whether contests an hour are summed too. */
  readonly rates?: boolean;
}

/**
 * What keepers lived through with a species, or with two of them together: shares of tanks in which something happened, and contests
 * an hour, with limits. A tank counts once; the tanks of one keeper count as alike as they are.
 */
export const experienceOf = (pool: Pick<Pool, 'stays'>, asked: Asked, wanted: Wanted = {}): ExperienceSum =>
  sumOf(staysOf(pool.stays, asked, wanted.choice ?? {}), asked, wanted);

/** The same from shelves, which know their stays by species. */
export function experienceOn(shelves: Shelves, asked: Asked, wanted: Wanted = {}): ExperienceSum {
  const [stays, { choice }] = [shelves.about(asked), wanted];
  return sumOf(choice === undefined ? stays : staysOf(stays, asked, choice), asked, wanted);
}

function sumOf(
  stays: readonly Counting[],
  asked: Asked,
  { outcomes = OUTCOMES, rates = true }: Wanted,
): ExperienceSum {
  const { species, with: other } = asked;
  const grouped = byTank(stays);
  const { tanks } = grouped;
  const directions =
    other === undefined || other === species
      ? [[species, species] as const]
      : [[species, other] as const, [other, species] as const];
  return {
    species,
    ...(other === undefined ? {} : { with: other }),
    keepers: grouped.keepers,
    tanks: tanks.length,
    tankMonths: stays.reduce((all, { months }) => all + months, 0),
    minutesWatched: tanks.reduce((all, { minutes }) => all + minutes, 0),
    outcomes: outcomes.map((outcome) => outcomeOf(outcome, grouped, asked)),
    rates: rates
      ? directions.map(([from, to]) =>
          rateOf(
            tanks.map((one) => one.stays),
            from,
            to,
          ),
        )
      : [],
  };
}
