import type { Place, PlannedSpecies } from './context';

/** Territories that the footprint can hold for this species, and how many of it would hold one. */
export interface Holders {
  readonly holders: number;
  readonly fit: number;
}

/** Males of open-water haps and peacocks display rather than hold ground (common practice). */
const DISPLAYING = ['hap', 'aulonocara', 'featherfin'];
export const displays = ({ profile: { kin, company } }: PlannedSpecies): boolean =>
  DISPLAYING.includes(kin) && company.mode !== 'solitary';

const HALF = 1 / 2;
/**
 * Of cichlids that guard as pairs and live in numbers only those that breed hold ground: about a pair of six in a group that has its
 * order, such as discus, and a pair of eight in a colony that helps it (from memory).
 */
const SHARE_THAT_HOLDS: Readonly<Partial<Record<string, number>>> = { group: 1 / 3, colony: 1 / 8 };

/**
 * How many of a species hold ground. Where sexes are known the males hold, elsewhere every second fish (pairs, or one sex of two;
 * from memory); a male and a female of a pairing species hold one between them. Null for species that hold no ground.
 */
export function groundHolders(species: PlannedSpecies): number | null {
  const { family } = species.profile;
  const { mode, ownKind, pairs, groundCm2 } = species.profile.company;
  if (groundCm2 === null || displays(species)) return null;
  const couple = mode === 'pair' && species.males === 1 && species.females === 1 && species.count === 2;
  const everyone = mode === 'solitary' || (ownKind.female >= 3 && !couple);
  if (everyone) return species.count;
  const strangers = species.groups.some((group) => group.grownTogether === false);
  const share =
    pairs === 'guards' && family === 'Cichlidae' && !strangers ? (SHARE_THAT_HOLDS[mode] ?? HALF) : HALF;
  return species.males ?? Math.ceil(species.count * share);
}

/** Holders against the ground there is: footprint over held ground, at least one. Null for species that hold no ground. */
export function holdersOf(species: PlannedSpecies, place: Place): Holders | null {
  const holders = groundHolders(species);
  const ground = species.profile.company.groundCm2;
  if (holders === null || ground === null) return null;
  return { holders, fit: Math.max(1, Math.floor(place.tank.figures.footprintCm2 / ground)) };
}
