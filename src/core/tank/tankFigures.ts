import type { Cm, Cm2, Litres } from '../kernel';
import { filledMass, type FilledMass } from './filledMass';
import type { FurnishedTank } from './furnishedTank';
import { footprintShare, tankBox, type Box } from './tankBox';

/** A filter in use moves less than its label says: hose, height and sponge (common practice; from memory). */
export const FILTER_DERATE = 0.7;

export interface TankFigures {
  readonly outside: Box;
  readonly inside: Box;
  /** Outside length x width x height: what size names go by. */
  readonly grossL: Litres;
  readonly netL: Litres;
  readonly footprintCm2: Cm2;
  readonly waterDepthCm: Cm;
  /** The longest straight line near the floor: the inside diagonal of a box, the chord of a corner, the length of an oval. */
  readonly freeSwimCm: Cm;
  readonly turnoverPerHour: number;
  readonly mass: FilledMass;
}

/**
 * What follows from a tank's measures.
 *
 * net litres = (water line - substrate) x inside footprint x (1 - hardscape fraction).
 * Units: cm, cm2, L, kg, kPa. Domain: glass thinner than half the width, substrate below the water line.
 */
export function tankFigures(tank: FurnishedTank, temperatureC = 25): TankFigures {
  const { outside, inside } = tankBox(tank);
  const share = footprintShare(tank.shape, outside.widthCm, tank.bowCm);
  const footprintCm2 = inside.lengthCm * inside.widthCm * share;
  const waterDepthCm = Math.max(0, Math.min(tank.waterLineCm, inside.heightCm) - tank.substrateCm);
  const netL = (waterDepthCm * footprintCm2 * (1 - tank.hardscapeFraction)) / 1000;
  return {
    outside,
    inside,
    grossL: (outside.lengthCm * outside.widthCm * outside.heightCm * share) / 1000,
    netL,
    footprintCm2,
    waterDepthCm,
    freeSwimCm:
      tank.shape === 'round'
        ? Math.max(inside.lengthCm, inside.widthCm)
        : Math.hypot(inside.lengthCm, inside.widthCm),
    turnoverPerHour: netL > 0 ? (tank.filterLph * FILTER_DERATE) / netL : 0,
    mass: filledMass(tank, { outside, inside, waterDepthCm, footprintCm2, share }, temperatureC),
  };
}
