import type { Litres } from '../kernel';
import type { PlannedSpecies, RuleContext } from './context';

/** Lake Malawi species by how they are stocked (common practice). */
const OPEN_WATER = ['aulonocara', 'hap'];
const ROCK_DWELLERS = ['mbuna'];

/** Roomy numbers by gross litres: 10 in 75, 25 in 125, 35 in 240 US gal (fact of the trade, common practice). */
const ROOMY: readonly (readonly [number, number])[] = [
  [0, 0],
  [284, 10],
  [473, 25],
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

/** Footprint that the dense approach gives each grown rock dweller, cm2: some 20 in a four-foot 55 (from memory). */
export const DENSE_CM2 = 210;

export interface RiftStock {
  readonly openWater: readonly PlannedSpecies[];
  readonly rockDwellers: readonly PlannedSpecies[];
}

/** Peacocks and haps, of which males are shown together. */
export const isOpenWater = (species: PlannedSpecies): boolean => OPEN_WATER.includes(species.profile.kin);
export const isRockDweller = (species: PlannedSpecies): boolean =>
  ROCK_DWELLERS.includes(species.profile.kin);

/** The lake Malawi cichlids of a list, by approach of numbers. */
export const riftStock = (context: RuleContext): RiftStock => ({
  openWater: context.planned.filter(isOpenWater),
  rockDwellers: context.planned.filter(isRockDweller),
});

export const heads = (planned: readonly PlannedSpecies[]): number =>
  planned.reduce((sum, species) => sum + species.count, 0);

/** The approach that a tank's rift-lake numbers go by: the keeper's choice, or each species’ usual one. */
export function densityOf(context: RuleContext): {
  readonly openWater: 'roomy' | 'dense';
  readonly rockDwellers: 'roomy' | 'dense';
} {
  return {
    openWater: context.riftDensity ?? 'roomy',
    rockDwellers: context.riftDensity ?? 'dense',
  };
}
