import type { Rule } from './rule';
import { waterRule, type WaterMeasure } from './waterRule';

/** Stable water matters more than a perfect number: half a unit is a caution (common practice). */
const PH: WaterMeasure = {
  rule: 'water-ph',
  name: 'ph',
  lenient: 0.5,
  gapLenient: 0.5,
  narrow: 0.2,
  // From memory: half a unit apart in the wild, and less than a third of a unit in common.
  opposite: { wildGap: 0.5, window: 0.3 },
  change: (wanted) => ({
    text: `Bring the source water near pH ${wanted} and keep it steady; do not chase it with additives.`,
  }),
};

export const waterPh: Rule = waterRule(PH);
