import type { PlanTank } from '../model';
import type { FurnishedTank } from './furnishedTank';
import {
  HARDSCAPE_FRACTION,
  usualFilterLph,
  usualGlassMm,
  usualSubstrateCm,
  usualWaterLineCm,
} from './tankDefaults';

/** Parts of a tank that follow from its measures while nobody says otherwise. */
export const DERIVED = [
  'inside',
  'glassMm',
  'substrate',
  'waterLineCm',
  'substrateCm',
  'hardscapeFraction',
  'filterLph',
] as const;
export type Derived = (typeof DERIVED)[number];

/**
 * A tank with everything that nobody said filled in from its measures, and which parts those are. What is assumed follows
 * when the measures are corrected.
 *
 * Lengths in cm, glass in mm, flow in L/h.
 */
export function furnishTank(tank: PlanTank): {
  readonly furnished: FurnishedTank & Required<Pick<PlanTank, 'substrate'>>;
  readonly assumed: ReadonlySet<Derived>;
} {
  const inside = tank.inside ?? false;
  const substrate = tank.substrate ?? 'sand';
  const waterLineCm = tank.waterLineCm ?? usualWaterLineCm(tank.heightCm);
  return {
    furnished: {
      lengthCm: tank.lengthCm,
      widthCm: tank.widthCm,
      heightCm: tank.heightCm,
      inside,
      glassMm: tank.glassMm ?? usualGlassMm(tank, inside),
      shape: tank.shape ?? 'box',
      bowCm: tank.bowCm ?? 0,
      waterLineCm,
      substrate,
      substrateCm: tank.substrateCm ?? usualSubstrateCm(substrate === 'bare', waterLineCm),
      hardscapeFraction: tank.hardscapeFraction ?? HARDSCAPE_FRACTION,
      filterLph: tank.filterLph ?? usualFilterLph(tank),
    },
    assumed: new Set(DERIVED.filter((part) => tank[part] === undefined)),
  };
}
