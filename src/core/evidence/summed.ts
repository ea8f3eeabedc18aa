import { clusteredRate, clusteredShare, type Limited, type Observed } from '../stats';
import type { Counting, Pool } from './pool';
import type { LossCause, Stay } from './stay';

/** How it may go for fish that are asked about. */
export const OUTCOMES = [
  'lost to other fish',
  'lost',
  'torn',
  'bitten or fought',
  'stepped in',
  'parted',
] as const;
export type OutcomeName = (typeof OUTCOMES)[number];

/** Which experience is asked for: one species, or one beside another. */
export interface Asked {
  readonly species: string;
  readonly with?: string | undefined;
}

export interface OutcomeSum extends Limited {
  readonly outcome: OutcomeName;
  /** Tanks in which it happened, of how many. A tank counts once, however many stays it had. */
  readonly tanks: number;
  readonly of: number;
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

const TO_OTHERS: ReadonlySet<LossCause> = new Set(['eaten or missing', 'fighting']);

const isOf = ({ species, with: other }: Asked, one: string): boolean => one === species || one === other;
/** Of two, what one does to the other; of one alone, what anybody does to it. */
const isBetween = ({ species, with: other }: Asked, by: string, to: string): boolean =>
  other === undefined ? to === species : (by === species && to === other) || (by === other && to === species);

/** Whether it happened to one of those that are asked about. */
const HAPPENED: Readonly<Record<OutcomeName, (stay: Stay, asked: Asked) => boolean>> = {
  'lost to other fish': ({ losses }, asked) =>
    losses.some(({ species, cause }) => isOf(asked, species) && TO_OTHERS.has(cause)),
  lost: ({ losses }, asked) => losses.some(({ species }) => isOf(asked, species)),
  torn: ({ signs }, asked) => signs.some(({ species, what }) => what === 'torn' && isOf(asked, species)),
  'bitten or fought': ({ contests }, asked) =>
    contests.some(({ by, to, level }) => (level === 'bite' || level === 'fight') && isBetween(asked, by, to)),
  'stepped in': ({ steps }) => steps.length > 0,
  parted: ({ ended }) => ended === 'parted',
};

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
export function experienceOf(pool: Pool, asked: Asked): ExperienceSum {
  const { species, with: other } = asked;
  const stays = pool.stays.filter(
    ({ stay }) => countOf(stay, species) > 0 && (other === undefined || countOf(stay, other) > 0),
  );
  const keepers = groupedBy(stays, ({ keeper }) => keeper).map((own) => groupedBy(own, ({ tank }) => tank));
  const tanks = keepers.flat();
  const total = (of: (one: Counting) => number): number => stays.reduce((all, one) => all + of(one), 0);
  const outcomes = OUTCOMES.map((outcome): OutcomeSum => {
    const happened = (own: readonly Counting[]): boolean =>
      own.some(({ stay }) => HAPPENED[outcome](stay, asked));
    const counted = keepers.map((own) => ({ k: own.filter(happened).length, of: own.length }));
    return {
      outcome,
      tanks: counted.reduce((all, { k }) => all + k, 0),
      of: tanks.length,
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
