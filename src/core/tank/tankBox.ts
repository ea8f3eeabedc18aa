import type { Cm, Mm } from '../kernel';
import type { TankShape } from '../model';

/** The glass of a tank as a keeper measures it. Lengths in cm, glass in mm. */
export interface TankMeasures {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
  /** True when the measures were taken inside the glass. */
  readonly inside: boolean;
  readonly glassMm: Mm;
}

/**
 * Share of the box around it that a footprint covers.
 *
 * A bow front is a parabola that adds `bowCm` in the middle of the width at its ends (area of a parabola: two thirds of
 * its box); a corner tank a quarter of an ellipse, a round pond or tank a whole one. Domain: 0 <= bowCm < widthCm.
 * @example footprintShare('round', 60, 0) // 0.785
 */
export function footprintShare(shape: TankShape, widthCm: Cm, bowCm: Cm): number {
  switch (shape) {
    case 'box':
      return 1;
    case 'bow-front':
      return (widthCm - bowCm + (bowCm * 2) / 3) / widthCm;
    case 'corner':
    case 'round':
      return Math.PI / 4;
  }
}

export interface Box {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

/**
 * Outside and inside boxes of a tank. The top is open: the inside is one pane lower than the outside.
 *
 * Units: cm. Domain: inside measures stay above zero only if the glass is thinner than half the tank.
 * @example tankBox({ lengthCm: 120, widthCm: 50, heightCm: 50, inside: false, glassMm: 10 }).inside // { lengthCm: 118, widthCm: 48, heightCm: 49 }
 */
export function tankBox(tank: TankMeasures): { readonly outside: Box; readonly inside: Box } {
  const pane = tank.glassMm / 10;
  const sign = tank.inside ? 1 : -1;
  const measured = { lengthCm: tank.lengthCm, widthCm: tank.widthCm, heightCm: tank.heightCm };
  const other = {
    lengthCm: tank.lengthCm + sign * 2 * pane,
    widthCm: tank.widthCm + sign * 2 * pane,
    heightCm: tank.heightCm + sign * pane,
  };
  return tank.inside ? { outside: other, inside: measured } : { outside: measured, inside: other };
}
