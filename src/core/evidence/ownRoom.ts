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
}

/** Every species that lived in this room, from its stays. */
export function keptHere(stays: readonly Counting[]): readonly KeptHere[] {
  const kept = new Map<string, { months: number; tanks: Set<string>; lost: number }>();
  for (const { stay, tank, months } of stays)
    for (const { species } of stay.fish) {
      const own = kept.get(species) ?? { months: 0, tanks: new Set<string>(), lost: 0 };
      own.months += months;
      own.tanks.add(tank);
      own.lost += stay.losses.reduce((all, one) => all + (one.species === species ? one.count : 0), 0);
      kept.set(species, own);
    }
  return [...kept].map(([species, { months, tanks, lost }]) => ({
    species,
    months,
    tanks: tanks.size,
    lost,
  }));
}
