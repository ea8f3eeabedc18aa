import { PLAINLY } from '@/testing/plans';
import fc from 'fast-check';
import { anyPlan } from '@/testing/anyPlan';
import { catalogue, judge, plan, TANKS, TODAY } from '@/testing/plans';
import { canonicalJson } from '../kernel/schema/canonicalJson';
import { faultLine } from '@/words/en';
import type { PlanFile } from '../model/plan';
import { assess } from './assess';
import { readPlan } from './readPlan';
import { toAnswer } from './toAnswer';

const rank = { fits: 0, caution: 1, stop: 2 };

describe('assess', () => {
  it('never throws on a valid plan, and the order of the groups does not matter', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const there = toAnswer(judge(file), PLAINLY);
        const back = toAnswer(judge({ ...file, groups: [...file.groups].reverse() }), PLAINLY);
        expect(back.findings).toEqual(there.findings);
        expect(back.verdict).toBe(there.verdict);
        expect(JSON.stringify(there)).not.toMatch(/NaN|Infinity|null,null\]/);
      }),
      { numRuns: 150 },
    );
  });

  it('gives as verdict the worst there is', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const { verdict, findings } = judge(file);
        const has = (severity: string) => findings.some((finding) => finding.severity === severity);
        expect(verdict).toBe(has('stop') ? 'stop' : has('caution') ? 'caution' : 'fits');
      }),
      { numRuns: 60 },
    );
  });

  it('never gets milder in tank size as the approach gets stricter', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const tank = (tankSize: 'cautious' | 'middle' | 'tried') => {
          const said = judge({ ...file, practice: { tankSize } }).findings.filter((finding) =>
            finding.rule.startsWith('tank-'),
          );
          return Math.max(
            0,
            ...said.map((finding) =>
              finding.severity === 'stop' ? rank.stop : finding.severity === 'caution' ? rank.caution : 0,
            ),
          );
        };
        expect(tank('cautious')).toBeGreaterThanOrEqual(tank('middle'));
        expect(tank('middle')).toBeGreaterThanOrEqual(tank('tried'));
      }),
      { numRuns: 60 },
    );
  });

  it('dates only what begins after today, and counts worse from the first of them', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const answer = judge(file);
        for (const finding of answer.findings)
          if (finding.from !== null) expect(finding.from > TODAY.slice(0, 7)).toBe(true);
        const { today, later, verdict } = answer;
        expect(later === null).toBe(today === verdict);
        if (later !== null) expect(rank[later.verdict]).toBeGreaterThan(rank[today]);
      }),
      { numRuns: 60 },
    );
  });

  it('lists what it took for granted, and nothing that was given', () => {
    const { assumed } = judge(
      plan(TANKS.us29, [{ species: 'paracheirodon-innesi', count: 10, lengthCm: 3, origin: 'tank-bred' }], {
        water: { temperatureC: 25 },
      }),
    );
    expect(assumed.some((line) => line.path === 'water.ph')).toBe(true);
    expect(
      assumed.some((line) => line.path === 'water.temperatureC' || line.path.startsWith('groups[0]')),
    ).toBe(false);
  });

  it('fits a sound community: the example that a keeper hopes for', () => {
    const answer = judge(
      plan(
        { ...TANKS.us40breeder, substrate: 'sand', lid: true, plants: 'dense' },
        [
          { species: 'trigonostigma-heteromorpha', count: 12, origin: 'tank-bred' },
          { species: 'pangio-kuhlii', count: 8, origin: 'tank-bred' },
          { species: 'trichogaster-chuna', count: 4, males: 2, females: 2, origin: 'tank-bred' },
        ],
        {
          water: { temperatureC: 25, ph: 6.8, ghDh: 6, nitrateTapMgL: 4 },
          routine: { changeFraction: 0.5, everyDays: 7 },
        },
      ),
    );
    expect(
      answer.findings
        .filter((finding) => finding.severity === 'stop' || finding.severity === 'caution')
        .map((finding) => finding.fact.says),
    ).toEqual([]);
    expect(answer.verdict).toBe('fits');
  });

  it('gives the same answer twice: it holds no state', () => {
    const file = plan(TANKS.us75, [{ species: 'pterophyllum-scalare', count: 6 }]);
    expect(canonicalJson(toAnswer(judge(file), PLAINLY))).toBe(canonicalJson(toAnswer(judge(file), PLAINLY)));
  });
});

describe('readPlan', () => {
  const faults = (value: unknown): readonly string[] => {
    const read = readPlan(value, catalogue);
    return read.ok ? [] : read.faults.map(faultLine);
  };
  const good = {
    format: 'lomvik-plan',
    version: 1,
    tank: { lengthCm: 60, widthCm: 30, heightCm: 36 },
    groups: [{ species: 'neon tetra', count: 10 }],
  };
  it('takes a plan with only what is required, by any name of a species', () => {
    expect(faults(good)).toEqual([]);
    expect(assess(good as PlanFile, catalogue, TODAY).context.planned[0]?.profile.id).toBe(
      'paracheirodon-innesi',
    );
  });
  it.each([
    [
      'an unknown species',
      { ...good, groups: [{ species: 'neon tetraa', count: 1 }] },
      'groups[0].species: "neon tetraa" is unknown. Did you mean neon tetra (paracheirodon-innesi)?',
    ],
    [
      'a negative count',
      { ...good, groups: [{ species: 'neon tetra', count: -2 }] },
      'groups[0].count: needs a whole number from 1 to 10000. Found -2.',
    ],
    [
      'half a fish',
      { ...good, groups: [{ species: 'neon tetra', count: 1.5 }] },
      'groups[0].count: needs a whole number from 1 to 10000. Found 1.5.',
    ],
    [
      'a tank of zero width',
      { ...good, tank: { ...good.tank, widthCm: 0 } },
      'tank.widthCm: needs a number above 0 and at most 1000 cm. Found 0.',
    ],
    [
      'text for a number',
      { ...good, tank: { ...good.tank, heightCm: '36' } },
      'tank.heightCm: needs a number above 0 and at most 500 cm. Found "36".',
    ],
    [
      'too many males',
      { ...good, groups: [{ species: 'neon tetra', count: 4, males: 3, females: 2 }] },
      'groups[0].males: 3 males and 2 females are more than 4 fish.',
    ],
    [
      'a newer version',
      { ...good, version: 2 },
      'version: a newer Lomvik made this file, and this one reads version 1. Update Lomvik first. Found 2.',
    ],
    ['a foreign format', { ...good, format: 'other' }, 'format: needs "lomvik-plan". Found "other".'],
    ['no groups', { ...good, groups: undefined }, 'groups: needs a list. Found nothing.'],
    ['groups that are no list', { ...good, groups: {} }, 'groups: needs a list. Found an object.'],
    ['nothing at all', null, 'The file: needs an object. Found null.'],
    [
      'a water line over the rim',
      { ...good, tank: { ...good.tank, waterLineCm: 40 } },
      'tank.waterLineCm: needs at most 36 cm, the height. Found 40.',
    ],
    ['a pH of seventy', { ...good, water: { ph: 70 } }, 'water.ph: needs a number from 3 to 11. Found 70.'],
    [
      'a month of no calendar',
      { ...good, groups: [{ species: 'neon tetra', count: 1, until: '2027-13' }] },
      'groups[0].until: needs a month as YYYY-MM. Found "2027-13".',
    ],
    [
      'hides as words',
      { ...good, tank: { ...good.tank, hides: 'many' } },
      'tank.hides: needs a whole number from 0 to 500. Found "many".',
    ],
  ])('refuses %s with the path and what was expected', (_what, value, expected) =>
    expect(faults(value)).toContain(expected),
  );
  it('tells all faults at once', () => {
    expect(
      faults({ ...good, tank: { ...good.tank, lengthCm: -1 }, groups: [{ species: 'nobody', count: 0 }] })
        .length,
    ).toBe(3);
  });
});
