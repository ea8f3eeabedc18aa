import type { Cm } from '../kernel';
import type { SpeciesProfile } from '../model';

export type MouthFit = 'certain' | 'likely' | 'possible' | 'no';

/** Prey depth over gape below which a fish surely goes in, likely, or possibly when shy or ill (common practice; from memory). */
export const FIT_LIMITS = { certain: 0.8, likely: 1.0, possible: 1.2 } as const;

/** Prey body depth over the eater's gape; below 1 it fits. Lengths in cm. */
export function mouthRatio(eater: SpeciesProfile, eaterCm: Cm, prey: SpeciesProfile, preyCm: Cm): number {
  const gape = eater.mouth.gapeRatio * eaterCm;
  return gape > 0 ? (prey.size.depthRatio * preyCm) / gape : Infinity;
}

/** Prey of this share of the eater's own length hardly goes down however thin it is, and as long as it not at all (from memory). */
const LONG = 0.8;
const TOO_LONG = 1;

/** How surely a body of this ratio to the gape is swallowed; `lengthShare` is its length over the eater's. */
export function mouthFit(ratio: number, lengthShare = 0): MouthFit {
  if (lengthShare >= TOO_LONG) return 'no';
  if (lengthShare >= LONG) return ratio <= FIT_LIMITS.possible ? 'possible' : 'no';
  if (ratio <= FIT_LIMITS.certain) return 'certain';
  if (ratio <= FIT_LIMITS.likely) return 'likely';
  return ratio <= FIT_LIMITS.possible ? 'possible' : 'no';
}
