import type { Cm } from '../kernel';
import { adultLengthCm, type SpeciesProfile } from '../model';
import { HORIZON_MONTHS, speciesRate } from './speciesGrowth';

/**
 * Lengths in cm of one that measures `nowCm` today, month after month: index 0 is today, the last is the horizon.
 *
 * The same curve as `lengthAfterMonths`, walked instead of asked: each month closes the same share of what is missing.
 */
export function lengthsByMonth(profile: SpeciesProfile, nowCm: Cm): Float64Array {
  const known = WALKED.get(profile) ?? new Map<number, Float64Array>();
  const before = known.get(nowCm);
  if (before) return before;
  const lengths = walk(profile, nowCm);
  if (known.size >= KEPT) known.clear();
  WALKED.set(profile, known.set(nowCm, lengths));
  return lengths;
}

/** Walks that were made before: the same fish are asked about again and again while a keeper plans. */
const WALKED = new WeakMap<SpeciesProfile, Map<number, Float64Array>>();
/** Lengths kept a species. */
const KEPT = 32;

function walk(profile: SpeciesProfile, nowCm: Cm): Float64Array {
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
