import type { Standing } from '../events';
import { lengthAfterMonths, monthsToGrownAt } from '../growth';
import { type Cm, DAY_MS, MONTH_DAYS } from '../kernel';
import { adultLengthCm, type Catalogue, type SpeciesProfile } from '../model';

/** What is measured sooner says more of the ruler than of growth (from memory), days. */
const LEAST_DAYS = 60;

/** A figure that is off by no more than this share counts as right (from memory). */
export const NEAR = 0.15;
/**
 * Whether a figure is as good as another: within 15 % of it.
 * @example isNear(11, 10) // true
 */
export const isNear = (figure: number, of: number): boolean => Math.abs(figure / of - 1) <= NEAR;

/** A length as it was measured, beside what growth made of the first one. */
export interface GrowthScore {
  readonly resident: string;
  readonly species: string;
  readonly on: string;
  readonly months: number;
  readonly firstCm: Cm;
  readonly measuredCm: Cm;
  readonly expectedCm: Cm;
}

/** Of every animal that was measured two months or more after it came, its last length beside the forecast from its first. */
export function growthScores(
  happenings: readonly Standing[],
  catalogue: Pick<Catalogue, 'byId'>,
): readonly GrowthScore[] {
  const came = new Map<string, { readonly species: string; readonly on: string; readonly lengthCm: Cm }>();
  const scores = new Map<string, GrowthScore>();
  for (const event of happenings) {
    if (event.type === 'came')
      for (const { id } of event.members)
        came.set(id, { species: event.species, on: event.on, lengthCm: event.lengthCm });
    if (event.type !== 'measured') continue;
    const first = came.get(event.resident);
    const profile = first && catalogue.byId.get(first.species);
    const days = first ? (Date.parse(event.on) - Date.parse(first.on)) / DAY_MS : 0;
    if (!first || !profile || days < LEAST_DAYS) continue;
    scores.set(event.resident, {
      resident: event.resident,
      species: first.species,
      on: event.on,
      months: Math.round(days / MONTH_DAYS),
      firstCm: first.lengthCm,
      measuredCm: event.lengthCm,
      expectedCm: lengthAfterMonths(profile, first.lengthCm, days / MONTH_DAYS),
    });
  }
  return [...scores.values()];
}

/** Nobody waits longer for a fish to be grown, months. */
const MOST_MONTHS = 240;

/**
 * Months to grown as this room's own fish of a species grew, from the middle one of their rates, and how many fish say so. Null where none
 * does: none was measured, or none grew, or all are as long as the catalogue's grown fish.
 */
export function ownMonthsToGrown(
  profile: SpeciesProfile,
  scores: readonly GrowthScore[],
): { readonly months: number; readonly fish: number } | null {
  const adult = adultLengthCm(profile);
  const rates = scores
    .filter(
      ({ species, firstCm, measuredCm }) =>
        species === profile.id && measuredCm > firstCm && measuredCm < adult,
    )
    .map(
      ({ firstCm, measuredCm, months }) => (12 / months) * Math.log((adult - firstCm) / (adult - measuredCm)),
    )
    .sort((a, b) => a - b);
  const middle = rates[Math.floor(rates.length / 2)];
  if (middle === undefined) return null;
  const months = Math.round(monthsToGrownAt(profile, middle));
  return months >= 1 && months <= MOST_MONTHS ? { months, fish: rates.length } : null;
}
