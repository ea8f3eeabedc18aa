import { advise } from './fixes';
import type { Rule } from './rule';
import { waterRule, type WaterMeasure } from './waterRule';

/** Stable water matters more than a perfect number: half a unit is a caution (common practice). */
const PH: WaterMeasure = {
  rule: 'water-ph',
  name: 'ph',
  unit: '',
  lenient: 0.5,
  // A shop's tap water is caution enough for farmed fish (common practice); where it becomes a stop is from memory.
  aboveFarmed: 1,
  gapLenient: 0.5,
  narrow: 0.2,
  // From memory: half a unit apart in the wild, and less than a third of a unit in common.
  opposite: { wildGap: 0.5, window: 0.3 },
  reason: 'Stable water matters more than a perfect number (common practice); the limits are from memory.',
  change: (wanted, now) => advise({ does: wanted < now ? 'lower pH' : 'raise pH', ph: wanted }),
};

export const waterPh: Rule = waterRule(PH);
