import type { Rule } from './rule';
import { waterRule, type WaterMeasure } from './waterRule';

/** Four degrees off is a caution, more is a stop (from memory). */
const HARDNESS: WaterMeasure = {
  rule: 'water-hardness',
  name: 'ghDh',
  lenient: 4,
  gapLenient: 4,
  narrow: 1,
  change: (wanted) => ({ text: `Blend the source water to about ${wanted} °dH.` }),
};

export const waterHardness: Rule = waterRule(HARDNESS);
