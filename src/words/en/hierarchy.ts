import type { NoOrder, NoStrength } from '@/core/stats';
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

const NO_ORDER: Readonly<Record<NoOrder, string>> = {
  'under three': 'Fewer than three fish have no order to test.',
  'under six':
    'An order of five fish or fewer can never be told from chance: even a perfect one of five comes up by chance 12 times in 100.',
};
/** Why linearity has no p. */
export const sayNoOrder = (why: NoOrder): string => NO_ORDER[why];

const NO_STRENGTH: Readonly<Record<NoStrength, string>> = {
  'one fish': 'One fish alone has no strength to tell.',
  'no upper limit':
    'Some fish never lost to, or never beat, any of a part of the others: how much stronger they are has no upper limit.',
};
/** Why the model of Bradley and Terry gives no strengths. */
export const sayNoStrength = (why: NoStrength): string => NO_STRENGTH[why];

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
