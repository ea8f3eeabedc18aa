import type { SpeciesProfile, WaterRange } from '../model';

/** From this sensitivity on a species is touchy: of unknown origin it is taken for wild (common practice). */
const TOUCHY = 3;

/**
 * The water range that a verdict rests on: tank-bred fish by the tank-bred range, wild fish by the wild one, and fish of
 * unknown origin by the wild one where the species is touchy and not farmed.
 */
export function rangeUsed(
  profile: SpeciesProfile,
  origin: 'tank-bred' | 'wild' | 'unknown',
): { readonly range: WaterRange; readonly source: 'wild' | 'tank-bred' } {
  const touchy = profile.water.sensitivity >= TOUCHY && profile.trade.supply !== 'farmed';
  const wild = origin === 'wild' || (origin === 'unknown' && touchy);
  return wild
    ? { range: profile.water.wild, source: 'wild' }
    : { range: profile.water.tankBred, source: 'tank-bred' };
}
