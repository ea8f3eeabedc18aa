import { adultLengthCm, type SpeciesProfile } from '../model/species';
import { HORIZON_MONTHS, speciesRate } from './speciesGrowth';

/**
 * Lengths in cm of one that measures `nowCm` today, month after month: index 0 is today, the last is the horizon.
 *
 * The same curve as `lengthAfterMonths`, walked instead of asked: each month closes the same share of what is missing.
 */
export function lengthsByMonth(profile: SpeciesProfile, nowCm: number): Float64Array {
  const final = adultLengthCm(profile);
  const kept = Math.exp(-speciesRate(profile) / 12);
  const lengths = new Float64Array(HORIZON_MONTHS + 1);
  let missing = Math.max(0, final - nowCm);
  for (let month = 0; month <= HORIZON_MONTHS; month += 1) {
    lengths[month] = missing > 0 ? final - missing : nowCm;
    missing *= kept;
  }
  return lengths;
}
