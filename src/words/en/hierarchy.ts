import type { HierarchyMeasures } from '@/core/hierarchy';
import { countOf } from './names';

/** From these on a hierarchy is steep, or flat (from memory; the measure runs from 0 to 1). */
const STEEP = 0.6;
const FLAT = 0.3;
/** The usual level at which a hierarchy is told from chance. */
const TOLD = 0.05;
const LEAST_P = 0.001;

const steep = (steepness: number): string => {
  const figure = steepness.toFixed(2);
  if (steepness >= STEEP) return `Steep (${figure} of 1): higher-ranked fish nearly always win.`;
  return steepness <= FLAT ? `Flat (${figure} of 1).` : `Moderately steep (${figure} of 1).`;
};

/** What the measures of a hierarchy say. */
export function sayHierarchy({
  steepness,
  linearity,
  kendall,
  unknownPairs,
}: HierarchyMeasures): readonly string[] {
  const { improvedH, p } = linearity;
  const circles = kendall.circularTriads;
  return [
    p !== null && improvedH !== null
      ? p <= TOLD
        ? `The hierarchy is linear (h' ${improvedH.toFixed(2)}, p ${p < LEAST_P ? '< 0.001' : p.toFixed(3)}).`
        : `A linear hierarchy is not shown (p ${p.toFixed(2)}).`
      : linearity.why
        ? 'Six fish that met are needed to test whether the hierarchy is linear.'
        : '',
    steepness === null ? '' : steep(steepness),
    circles > 0
      ? `${countOf(Number(circles.toFixed(1)), 'circular triad')} (A beats B, B beats C, C beats A).`
      : '',
    unknownPairs > 0
      ? `${countOf(unknownPairs, 'pair')} of these fish never met; their other contests rank them.`
      : '',
  ].filter(Boolean);
}
