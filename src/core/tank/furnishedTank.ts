import type { Cm, Lph } from '../kernel';
import type { TankMeasures } from './tankBox';
import type { TankShape } from '../model';

/** A furnished tank. Lengths in cm; the water line is measured from the inside of the bottom pane. */
export interface FurnishedTank extends TankMeasures {
  readonly waterLineCm: Cm;
  readonly substrate: string;
  readonly substrateCm: Cm;
  /** Share of the water taken by rock and wood, 0 to 0.9. */
  readonly hardscapeFraction: number;
  readonly filterLph: Lph;
  readonly shape: TankShape;
  /** How far a bow front stands out in the middle, within the width. */
  readonly bowCm: Cm;
}
