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

/** Floor inside the glass that the dense approach gives each grown rock dweller, cm2: 20 to 25 in a four-foot 55 (from memory). */
const DENSE_CM2 = 150;

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

/** The approach that a tank's Lake Malawi numbers go by: the keeper's choice, or each kind's usual one. */
export interface ByDensity {
  readonly openWater: Density;
  readonly rockDwellers: Density;
}

/** Peacocks and haps roomy, rock dwellers dense (common practice). */
export const USUAL: ByDensity = { openWater: 'roomy', rockDwellers: 'dense' };
const by = (density: Density): ByDensity => ({ openWater: density, rockDwellers: density });
export const ALL_DENSE = by('dense');

export const densityOf = (context: RuleContext): ByDensity =>
  context.riftDensity ? by(context.riftDensity) : USUAL;

/**
 * What part of a tank its Lake Malawi cichlids fill by an approach, 1 is all of it. Peacocks and haps fill it by its water, rock
 * dwellers by its floor; where both live, the parts add up.
 */
export function partFilled(context: RuleContext, { openWater, rockDwellers }: ByDensity): number {
  const { grossL, footprintCm2 } = context.tank.figures;
  const part = (of: (species: PlannedSpecies) => boolean, number: number): number =>
    heads(context.planned.filter(of)) / Math.max(1, number);
  return (
    part(isOpenWater, openWaterNumber(grossL, openWater)) +
    part(isRockDweller, rockNumber(footprintCm2, rockDwellers))
  );
}
