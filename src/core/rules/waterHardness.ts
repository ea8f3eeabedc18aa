import { advise } from './fixes';
import type { Rule } from './rule';
import { waterRule, type WaterMeasure } from './waterRule';

/** Four degrees off is a caution, more is a stop of wild-caught fish (from memory). */
const HARDNESS: WaterMeasure = {
  rule: 'water-hardness',
  name: 'ghDh',
  unit: ' °dH',
  lenient: 4,
  // Farmed fish are grown in hard tap water (common practice); where it becomes a stop is from memory.
  aboveFarmed: 10,
  gapLenient: 4,
  narrow: 1,
  reason: 'From memory.',
  change: (wanted) => advise({ does: 'blend water', ghDh: wanted }),
};

export const waterHardness: Rule = waterRule(HARDNESS);
