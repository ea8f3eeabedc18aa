import type { PlannedSpecies, RuleContext } from './context';

/** Territories that the footprint can hold for this species, and how many of it would hold one. */
export interface Holders {
  readonly holders: number;
  readonly fit: number;
}

/** Males of open-water haps and peacocks display rather than hold ground (common practice). */
const DISPLAYING = ['hap', 'aulonocara', 'featherfin'];
const displays = ({ profile: { kin, company } }: PlannedSpecies): boolean =>
  DISPLAYING.includes(kin) && company.mode !== 'solitary';

/**
 * Holders against the ground there is: footprint over held ground, at least one. Where sexes are known the males hold,
 * elsewhere every second fish (pairs, or one sex of two; from memory); a male and a female of a pairing species hold one
 * between them. Null for species that hold no ground.
 */
export function holdersOf(species: PlannedSpecies, context: RuleContext): Holders | null {
  const ground = species.profile.company.groundCm2;
  if (ground === null || displays(species)) return null;
  const { mode, ownKind } = species.profile.company;
  const couple = mode === 'pair' && species.males === 1 && species.females === 1 && species.count === 2;
  const everyone = mode === 'solitary' || (ownKind.female >= 3 && !couple);
  const holders = everyone ? species.count : (species.males ?? Math.ceil(species.count / 2));
  return { holders, fit: Math.max(1, Math.floor(context.tank.figures.footprintCm2 / ground)) };
}
