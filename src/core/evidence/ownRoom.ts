import { type Posterior, posteriorRate } from '../stats';
import type { Counting } from './pool';
import type { ExperienceSum } from './summed';

/**
 * What a warning is taken to mean, contests an hour and pair, as a belief that weighs little: as much as one contest (from memory). A
 * gamma curve by its shape and its hours.
 */
const BELIEVED: Readonly<Record<string, { readonly shape: number; readonly rate: number }>> = {
  stop: { shape: 1, rate: 2 },
  caution: { shape: 1, rate: 5 },
  note: { shape: 1, rate: 20 },
};

/** Contests an hour and pair: what a warning is taken to mean, what this room shows, and both together. */
export interface OwnRate {
  readonly said: number;
  readonly events: number;
  readonly pairHours: number;
  readonly together: Posterior;
}

/** The belief of a warning and this room's own record together; null where nobody watched, or for a severity without a belief. */
export function ownRate(severity: string, own: Pick<ExperienceSum, 'rates'>): OwnRate | null {
  const before = BELIEVED[severity];
  const pairHours = own.rates[0]?.pairHours ?? 0;
  if (before === undefined || pairHours === 0) return null;
  // The same pairs are watched for both directions.
  const events = own.rates.reduce((all, one) => all + one.events, 0);
  return {
    said: before.shape / before.rate,
    events,
    pairHours,
    together: posteriorRate(before, { events, hours: pairHours }),
  };
}

/** What this keeper's own fish of a species did, all tanks together. */
export interface KeptHere {
  readonly species: string;
  readonly months: number;
  readonly tanks: number;
  readonly lost: number;
  /** How it was with fish of other species. */
  readonly withOthers: WithOthers;
}

/** A species beside others: months together, and what its fish were seen to start. */
export interface WithOthers {
  readonly months: number;
  /** Chases, bites and fights that one of it started with another species. */
  readonly started: number;
  /** Hours of watching, times the fish of it that were there. */
  readonly fishHours: number;
}

const sumOf = <T>(all: readonly T[], of: (one: T) => number): number =>
  all.reduce((sum, one) => sum + of(one), 0);

/** Every species that lived in this room, from its stays. */
export function keptHere(stays: readonly Counting[]): readonly KeptHere[] {
  const of = new Map<string, Counting[]>();
  for (const one of stays)
    for (const { species } of one.stay.fish) of.set(species, [...(of.get(species) ?? []), one]);
  return [...of].map(([species, own]) => {
    const mixed = own.filter(({ stay }) => stay.fish.length > 1);
    return {
      species,
      months: sumOf(own, ({ months }) => months),
      tanks: new Set(own.map(({ tank }) => tank)).size,
      lost: sumOf(own, ({ stay }) => sumOf(stay.losses, (one) => (one.species === species ? one.count : 0))),
      withOthers: {
        months: sumOf(mixed, ({ months }) => months),
        started: sumOf(mixed, ({ stay }) =>
          sumOf(stay.contests, ({ by, to, level, count }) =>
            by === species && to !== species && level !== 'show' ? count : 0,
          ),
        ),
        fishHours: sumOf(
          mixed,
          ({ stay }) =>
            (stay.minutesWatched / 60) * sumOf(stay.fish, (one) => (one.species === species ? one.count : 0)),
        ),
      },
    };
  });
}
