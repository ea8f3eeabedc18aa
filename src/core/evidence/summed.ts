import { clusteredRate, clusteredShare, type Limited, type Observed } from '../stats';
import { type Choice, staysOf } from './chosen';
import { type Asked, canTell, happenedIn, type OutcomeName, OUTCOMES } from './outcomes';
import type { Counting, Pool } from './pool';
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

const groupedBy = <T>(list: readonly T[], name: (one: T) => string): readonly (readonly T[])[] => {
  const groups = new Map<string, T[]>();
  for (const one of list) {
    const group = groups.get(name(one));
    if (group) group.push(one);
    else groups.set(name(one), [one]);
  }
  return [...groups.values()];
};

/**
 * What keepers lived through with a species, or with two of them together: shares of tanks in which something happened, and contests
 * an hour, with limits. A tank counts once; the tanks of one keeper count as alike as they are.
 */
export function experienceOf(pool: Pick<Pool, 'stays'>, asked: Asked, choice: Choice = {}): ExperienceSum {
  const { species, with: other } = asked;
  const stays = staysOf(pool.stays, asked, choice);
  const keepers = groupedBy(stays, ({ keeper }) => keeper).map((own) => groupedBy(own, ({ tank }) => tank));
  const tanks = keepers.flat();
  const total = (of: (one: Counting) => number): number => stays.reduce((all, one) => all + of(one), 0);
  const outcomes = OUTCOMES.map((outcome): OutcomeSum => {
    const happened = (own: readonly Counting[]): boolean =>
      own.some(({ stay }) => happenedIn(outcome, stay, asked));
    const tells = (own: readonly Counting[]): boolean =>
      canTell(
        outcome,
        own.reduce((all, { stay }) => all + stay.minutesWatched, 0),
      );
    const counted = keepers
      .map((own) => own.filter(tells))
      .filter((own) => own.length > 0)
      .map((own) => ({ k: own.filter(happened).length, of: own.length }));
    return {
      outcome,
      tanks: counted.reduce((all, { k }) => all + k, 0),
      of: counted.reduce((all, { of }) => all + of, 0),
      keepers: counted.length,
      ...clusteredShare(counted),
    };
  });
  const directions =
    other === undefined || other === species
      ? [[species, species] as const]
      : [[species, other] as const, [other, species] as const];
  return {
    species,
    ...(other === undefined ? {} : { with: other }),
    keepers: keepers.length,
    tanks: tanks.length,
    tankMonths: total((one) => one.months),
    minutesWatched: total(({ stay }) => stay.minutesWatched),
    outcomes,
    rates: directions.map(([from, to]) => rateOf(tanks, from, to)),
  };
}
