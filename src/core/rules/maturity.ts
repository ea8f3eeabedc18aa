import { addMonths } from '../kernel';
import { monthsUntilLength } from '../growth';
import type { PlannedSpecies } from './context';
import type { HereAndNow } from './rule';

/** Whole months until the largest of a species matures: 0 when it has, null when it leaves before. */
export function maturesInMonths(species: PlannedSpecies): number | null {
  const months = monthsUntilLength(species.profile, species.largestCm, species.profile.size.matureCm) ?? 0;
  return species.leavesInMonths !== null && species.leavesInMonths < months ? null : months;
}

/** The month that lies so many months ahead; null for what is true today. */
export const begins = (now: HereAndNow, months: number): string | null =>
  months > 0 ? addMonths(now.month, months) : null;
