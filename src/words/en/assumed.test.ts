import fc from 'fast-check';
import type { Assumed } from '@/core/assess';
import { assess } from '@/core/assess/assess';
import { readPlan } from '@/core/assess/readPlan';
import { anyPlan } from '@/testing/anyPlan';
import { catalogue, judge, plan, TANKS, TODAY } from '@/testing/plans';
import { sayAssumed } from './assumed';
import { METRIC, US } from './quantities';
import { wordsFor } from './words';

const metric = wordsFor(catalogue, METRIC);
const us = wordsFor(catalogue, US);

describe('what was assumed', () => {
  it('is said by the name of its field, in the keeper’s units', () => {
    const { assumed } = judge(plan(TANKS.us75, [{ species: 'paracheirodon-innesi', count: 12 }]));
    const lines = assumed.map((one) => sayAssumed(one, metric));
    expect(lines).toEqual(
      expect.arrayContaining([
        'Neon tetras, length: 3.8 cm, grown',
        'Neon tetras, origin: unknown',
        'Substrate: sand',
        'Hiding places: not said, not judged',
        'Water changed: 50%',
        'Tank size: usual',
      ]),
    );
    expect(assumed.map((one) => sayAssumed(one, us))).toContain('Neon tetras, length: 1.5 in, grown');
    // 24 °C are 75.2 °F: no assumption knows the fifth of a degree.
    const warmth: Assumed = { path: 'water.temperatureC', value: 24, how: 'shared middle' };
    expect(sayAssumed(warmth, us)).toBe('Temperature: 75 °F, the middle of what all species share');
  });
  it('never shows the insides of a plan, whatever was left out', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const read = readPlan(JSON.parse(JSON.stringify(file)), catalogue);
        if (!read.ok) return;
        for (const one of assess(read.value, catalogue, TODAY).assumed) {
          const said = sayAssumed(one, us);
          expect(said).not.toMatch(/[a-z][A-Z]|\w\.[a-z]|\[|undefined|null|true|false/);
          expect(said).not.toMatch(/\d\s?(cm|mm|°C|°dH|mg\/L|L\/h)/);
        }
      }),
      { numRuns: 60 },
    );
  });
});
