import type { Cm } from '../kernel';
import type { PlanTank } from '../model';
import { suggestGlassMm } from './suggestGlassMm';

/** What a tank is taken to be where nobody says: one place for every screen, rule and file. */

/** The water stands this far below the rim (common practice). */
export const RIM_CM = 2;
/** A filter's label says so many times the gross volume an hour (common practice). */
const FILTER_TIMES = 5;
/** What a plan may say of a filter at the most. */
const LARGEST_FILTER_LPH = 200_000;
/** Ground of a few centimetres (common practice). */
const SUBSTRATE_CM = 4;
/** Rock and wood take this share of the water (from memory). */
export const HARDSCAPE_FRACTION = 0.05;
/** Nitrate in the tap where nobody measured it, mg/L (from memory; taps run from 0 to 50). */
export const TAP_NITRATE_MGL = 5;
/** Half the water every week, two meals a day (common practice). */
export const USUAL_ROUTINE = { changeFraction: 0.5, everyDays: 7, mealsPerDay: 2 } as const;

type Box = Pick<PlanTank, 'lengthCm' | 'widthCm' | 'heightCm'>;

/** Gross volume, litres. */
const grossL = ({ lengthCm, widthCm, heightCm }: Box): number => (lengthCm * widthCm * heightCm) / 1000;

/** How high the water stands, cm: below the rim, but never below four fifths of the height. @example usualWaterLineCm(50) // 48 */
export const usualWaterLineCm = (heightCm: Cm): number =>
  Math.round(Math.max(heightCm * 0.8, heightCm - RIM_CM) * 10) / 10;

/** How deep the ground is, cm; a bare tank has none, and a low one little. */
export const usualSubstrateCm = (bare: boolean, waterLineCm: Cm): number =>
  bare ? 0 : Math.min(SUBSTRATE_CM, waterLineCm / 4);

/** What a filter's label would say, L/h. @example usualFilterLph({ lengthCm: 100, widthCm: 40, heightCm: 50 }) // 1000 */
export const usualFilterLph = (box: Box): number =>
  Math.min(LARGEST_FILTER_LPH, Math.round(grossL(box) * FILTER_TIMES));

/** Glass that such a tank usually has, mm; never so thick that a tiny tank has no inside. */
export function usualGlassMm(box: Box, inside: boolean): number {
  const suggested = suggestGlassMm(box.lengthCm, box.heightCm);
  return inside
    ? suggested
    : Math.max(1, Math.min(suggested, Math.min(box.lengthCm, box.widthCm, box.heightCm)));
}
