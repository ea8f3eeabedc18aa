import type { Cm2, Litres } from '../kernel';
import type { Density } from '../model';
import type { PlannedSpecies, RuleContext } from './context';

/** Lake Malawi species by how they are stocked (common practice). */
const OPEN_WATER = ['aulonocara', 'hap'];
const ROCK_DWELLERS = ['mbuna'];

/** Roomy numbers by gross litres: 10 in 75, 25 in 125, 35 in 240 US gal (fact of the trade, common practice). A tank sold as 125 holds 118 to the rim. */
const ROOMY: readonly (readonly [number, number])[] = [
  [0, 0],
  [284, 10],
  [446, 25],
  [908, 35],
];

/** How many peacocks and haps the roomy approach keeps in so many gross litres, straight lines between the known sizes. */
export function roomyNumber(grossL: Litres): number {
  for (let i = 1; i < ROOMY.length; i += 1) {
    const [fromL, from] = ROOMY[i - 1] as readonly [number, number];
    const [toL, to] = ROOMY[i] as readonly [number, number];
    if (grossL <= toL) return Math.floor(from + ((to - from) * (grossL - fromL)) / (toL - fromL));
  }
  const [lastL, last] = ROOMY[ROOMY.length - 1] as readonly [number, number];
  return Math.floor((last * grossL) / lastL);
}

/** Floor inside the glass that the dense approach gives each grown rock dweller, cm2: some 20 in a four-foot 55 (from memory). */
const DENSE_CM2 = 180;

/** Dense tanks have so many times the peacocks and haps of roomy ones (from memory). */
const DENSE_TIMES = 1.7;
/** Roomy tanks have such a share of the rock dwellers of dense ones (from memory). */
const ROOMY_SHARE = 0.5;

/** How many peacocks and haps such a tank holds. */
export const openWaterNumber = (grossL: Litres, density: Density): number =>
  density === 'roomy' ? roomyNumber(grossL) : Math.floor(roomyNumber(grossL) * DENSE_TIMES);

/** How many rock dwellers such a floor holds. */
export const rockNumber = (footprintCm2: Cm2, density: Density): number =>
  Math.floor((footprintCm2 / DENSE_CM2) * (density === 'roomy' ? ROOMY_SHARE : 1));

/** Peacocks and haps, of which males are shown together. */
export const isOpenWater = (species: PlannedSpecies): boolean => OPEN_WATER.includes(species.profile.kin);
export const isRockDweller = (species: PlannedSpecies): boolean =>
  ROCK_DWELLERS.includes(species.profile.kin);

export const heads = (planned: readonly PlannedSpecies[]): number =>
  planned.reduce((sum, species) => sum + species.count, 0);

/** The approach that a tank's rift-lake numbers go by: the keeper's choice, or each species’ usual one. */
export function densityOf(context: RuleContext): {
  readonly openWater: Density;
  readonly rockDwellers: Density;
} {
  return {
    openWater: context.riftDensity ?? 'roomy',
    rockDwellers: context.riftDensity ?? 'dense',
  };
}
