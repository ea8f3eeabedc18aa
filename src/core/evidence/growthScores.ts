import type { Standing } from '../events';
import { lengthAfterMonths } from '../growth';
import { type Cm, DAY_MS, MONTH_DAYS } from '../kernel';
import type { Catalogue } from '../model';

/** What is measured sooner says more of the ruler than of growth (from memory), days. */
const LEAST_DAYS = 60;

/** A length as it was measured, beside what growth made of the first one. */
export interface GrowthScore {
  readonly resident: string;
  readonly species: string;
  readonly on: string;
  readonly months: number;
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
      measuredCm: event.lengthCm,
      expectedCm: lengthAfterMonths(profile, first.lengthCm, days / MONTH_DAYS),
    });
  }
  return [...scores.values()];
}
