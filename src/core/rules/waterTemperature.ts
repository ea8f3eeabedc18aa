import { waterRule, type WaterMeasure } from './waterRule';
import type { Rule } from './rule';

/** A heater is set to the degree; one degree off is a strain, more is an illness waiting (common practice). */
const TEMPERATURE: WaterMeasure = {
  rule: 'water-temperature',
  name: 'temperatureC',
  unit: ' °C',
  lenient: 1,
  gapLenient: 0,
  narrow: 1,
  // From memory: cool-water fish beside those of the tropics, on the one degree that both stand.
  opposite: { wildGap: 2, window: 1, upTo: 22 },
  // Common practice: fish kept at the top of what they bear live fast and short; the degrees are from memory.
  topEdge: { within: 0.5, aboveMiddle: 2 },
  reason:
    'A heater is set to the degree; one degree off is a strain (common practice). The other limits are from memory.',
  change: (wanted) => ({ edit: { kind: 'set-temperature', temperatureC: wanted } }),
};

export const waterTemperature: Rule = waterRule(TEMPERATURE);
