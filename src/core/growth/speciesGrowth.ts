import type { Cm } from '../kernel';
import { adultLengthCm, type SpeciesProfile } from '../model';
import { growthRate, lengthAt } from './lengthAt';

/** "Grown" means this share of the final length: a curve that only nears its end must be cut somewhere. */
export const GROWN_SHARE = 0.95;
/** How far ahead anything is forecast, in months. */
export const HORIZON_MONTHS = 120;

/** K per year of a species, from its length when sold and its months to grown. */
export function speciesRate(profile: SpeciesProfile): number {
  const adult = adultLengthCm(profile);
  const sold = Math.min(profile.size.soldCm, adult * 0.9);
  return growthRate(adult, sold, adult * GROWN_SHARE, profile.size.monthsToGrown / 12);
}

/** Months from the length when sold to grown, at a rate of K per year: what `speciesRate` makes of them is that rate. */
export function monthsToGrownAt(profile: SpeciesProfile, ratePerYear: number): number {
  const adult = adultLengthCm(profile);
  const sold = Math.min(profile.size.soldCm, adult * 0.9);
  return (12 * Math.log((adult - sold) / (adult * (1 - GROWN_SHARE)))) / ratePerYear;
}

/** Length in cm of one that measures `nowCm` today, after whole or part months. */
export function lengthAfterMonths(profile: SpeciesProfile, nowCm: Cm, months: number): number {
  return lengthAt(adultLengthCm(profile), speciesRate(profile), nowCm, months / 12);
}

/** Whole months until one of `nowCm` reaches `wantedCm`; 0 if it has, null if it never does within the horizon. */
export function monthsUntilLength(profile: SpeciesProfile, nowCm: Cm, wantedCm: Cm): number | null {
  if (nowCm >= wantedCm) return 0;
  const adult = adultLengthCm(profile);
  if (wantedCm >= adult) return null;
  const months = Math.ceil((-Math.log((adult - wantedCm) / (adult - nowCm)) / speciesRate(profile)) * 12);
  return months <= HORIZON_MONTHS ? months : null;
}
