import fc from 'fast-check';
import { bundlesOf, type NextStep, type Pattern, type StepEffect } from '@/core/aggression';
import { stepEffect } from '@/core/aggression/stepEffect';
import type { Watch } from '@/core/aggression/watches';
import {
  circularTriads,
  linearity,
  seededChance,
  steepness,
  davidsScore,
  unknownPairs,
  winTable,
} from '@/core/stats';
import type { HierarchyMeasures } from '@/core/hierarchy';
import { catalogue } from '@/testing/plans';
import { chasedOf, happened } from '@/testing/happened';
import { sayEffect, sayPattern, sayStep, sayStepWhy } from './aggression';
import { sayHierarchy } from './hierarchy';
import { METRIC, US } from './quantities';
import { wordsFor } from './words';

const pattern = (more: Partial<Pattern>): Pattern => ({
  name: 'one boss',
  who: ['Amber'],
  because: { contests: 18, own: 10, evenShare: 1 / 7 },
  sure: 'clear',
  place: '',
  alone: false,
  ...more,
});
const named = (id: string): string => id;

describe('patterns', () => {
  it.each<[Partial<Pattern>, string]>([
    [{}, 'Amber started 10 of 18 contests (56%; even share 14%); or a guarding pair, or the boldest fish.'],
    [
      { name: 'duel', who: ['Amber', 'Inky'], because: { contests: 20, own: 12, wonByFirst: 7 } },
      'Amber and Inky fought 12 of 20 contests; Amber won 7; or an unsettled hierarchy, or courtship.',
    ],
    [
      { name: 'newcomer picked on', who: ['Inky'], because: { contests: 18, own: 8, evenShare: 0.25 } },
      'Inky is new and was the target in 8 of 18 (44%; even share 25%); or look-alikes of a resident.',
    ],
    [
      { name: 'to one side', who: [], because: { contests: 20, own: 14 }, place: 'the left end' },
      '14 of 20 contests were at the left end; or you see that end best.',
    ],
    [
      { name: 'torn, nobody seen', who: ['Tawny'], because: { minutes: 80 }, alone: true },
      'Tawny has torn fins; no attack seen in 80 minutes; or a fish active at night, sharp decor, fin rot, or tail biting.',
    ],
  ])('%o', (more, sentence) => expect(sayPattern(pattern(more), named)).toBe(sentence));
});

describe('interventions', () => {
  const words = wordsFor(catalogue, METRIC);
  const step = (more: Partial<NextStep>): NextStep => ({
    step: 'boss set aside',
    against: null,
    who: 'Amber',
    species: 'neolamprologus-leleupi',
    meals: 3,
    lightHours: 8,
    coolerC: 24,
    warmest: { species: 'symphysodon-aequifasciatus', temperatureC: 28 },
    before: null,
    ...more,
  });
  it('name the fish, or the species', () => {
    expect(sayStep(step({}), words, named)).toBe('Move Amber to a spare tank for some days.');
    expect(sayStep(step({ step: 'more of the kind' }), words, named)).toBe(
      'Add three or more leleupi together.',
    );
  });
  it('say why, why not now, and what they did before', () => {
    expect(sayStepWhy(step({ before: 'helped' }), words)).toBe('It often returns lower-ranked. Helped here.');
    expect(sayStepWhy(step({ against: 'pair guards' }), words)).toBe('Not now: a pair is guarding.');
    const cooler = step({ step: 'slightly cooler', against: 'needs warmth' });
    expect(sayStep(cooler, wordsFor(catalogue, US), named)).toBe('Lower to 75 °F over two days.');
    expect(sayStepWhy(cooler, words)).toBe('Not now: discus need 28 °C.');
  });
});

const on = (day: number): string => new Date(Date.UTC(2026, 2, day, 18)).toISOString();
const watch = (day: number, contests: number, fish = 7): Watch => ({
  on: on(day),
  minutes: 20,
  contests: Array.from({ length: contests }, () =>
    chasedOf(on(day), 'a', 'b'),
  ) as unknown as Watch['contests'],
  fish,
});
const [bundle] = bundlesOf([happened({ type: 'stepped-in', on: on(6), step: 'sight breaks' })], 'T');
const effect = (watches: readonly Watch[], now = on(28)): StepEffect =>
  stepEffect(bundle!, watches, null, null, now);

describe('whether an intervention worked', () => {
  it.each<[string, StepEffect, RegExp]>([
    [
      'helped',
      effect([watch(2, 9), watch(4, 8), watch(10, 2), watch(12, 1)]),
      /^Helped: contests fell from 26 to 4\.5 an hour \(82% fewer; 95% limits \d+ to \d+%\)\.$/,
    ],
    [
      'worse',
      effect([watch(2, 2), watch(4, 1), watch(10, 9), watch(12, 8)]),
      /^Worse: contests rose from 4\.5 to 26 an hour \(95% limits [\d.]+ to [\d.]+ times\)\.$/,
    ],
    [
      'open',
      effect([watch(2, 8), watch(4, 8), watch(10, 4)]),
      /^Too early to say: 24 an hour before, 12 after \(95% limits 0\.\d to 1\.\d times the rate before\)\. Watch \d+ more minutes\.$/,
    ],
    ['not before', effect([watch(10, 4)]), /^Nobody watched before, so it cannot be judged\.$/],
    ['not since', effect([watch(2, 4)]), /^Not watched since\. Watch now; quiet minutes count\.$/],
    [
      'settling',
      effect([watch(2, 4)], on(7)),
      /^Too early: fish act calmer for two days\. Watch from 8 Mar( 2026)?\.$/,
    ],
    [
      'fewer fish',
      effect([watch(2, 9), watch(4, 9), watch(10, 2, 5), watch(12, 2, 5)]),
      /Fewer fish now: per pair, contests fell \d+%\.$/,
    ],
  ])('%s', (_name, one, sentence) => expect(sayEffect(one)).toMatch(sentence));
  it('is always said, whatever was counted', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 28 }), fc.nat({ max: 30 })), { maxLength: 8 }),
        (list) => {
          const said = sayEffect(effect(list.map(([day, contests]) => watch(day, contests))));
          expect(said).toMatch(/\.$/);
          expect(said).not.toMatch(/NaN|Infinity|undefined|null/);
        },
      ),
    );
  });
});

describe('a hierarchy', () => {
  const measures = (
    wins: readonly (readonly [string, string])[],
    more: Partial<HierarchyMeasures> = {},
  ): HierarchyMeasures => {
    const table = winTable(wins.map(([winner, loser]) => ({ winner, loser })));
    return {
      steepness: steepness(davidsScore(table).normalised),
      linearity: linearity(table, seededChance(1)),
      kendall: circularTriads(table),
      unknownPairs: unknownPairs(table),
      pairs: (table.ids.length * (table.ids.length - 1)) / 2,
      upsets: 2,
      decided: wins.length,
      undecided: 0,
      ...more,
    } as HierarchyMeasures;
  };
  it('tells pairs that never met before it calls a ranking flat, and what ended undecided', () => {
    const wins = [['a', 'b'] as const, ['b', 'c'] as const, ['c', 'd'] as const];
    const flat = sayHierarchy(measures(wins, { steepness: 0.2 })).join(' ');
    expect(flat).toContain('Looks flat (0.20 of 1), but 3 of 6 pairs never met');
    expect(flat).not.toContain('won');
    const known = sayHierarchy(measures(wins, { steepness: 0.2, unknownPairs: 0, decided: 40, upsets: 18 }));
    expect(known.join(' ')).toContain('Flat (0.20 of 1): higher-ranked fish won 22 of 40.');
    expect(sayHierarchy(measures(wins, { undecided: 2 })).join(' ')).toContain('2 contests ended undecided');
  });
  it('is linear and steep where everybody wins downwards', () => {
    const ids = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
    const wins = ids.flatMap((winner, i) =>
      ids.slice(i + 1).flatMap((loser) => Array.from({ length: 8 }, () => [winner, loser] as const)),
    );
    expect(sayHierarchy(measures(wins)).join(' ')).toMatch(
      /^The hierarchy is linear \(h' 1\.00, p .*\)\. Steep \(.* of 1\): higher-ranked fish won 166 of 168\.$/,
    );
  });
  it('is said to be untested with few fish, with its circles and the pairs that never met', () => {
    const said = sayHierarchy(
      measures([
        ['a', 'b'],
        ['b', 'c'],
        ['c', 'a'],
        ['a', 'd'],
      ]),
    ).join(' ');
    expect(said).toContain('Six fish that met are needed');
    expect(said).toMatch(/circular triads? \(A beats B, B beats C, C beats A\)/);
    expect(said).toMatch(/\d\.\d circular triads \(.*\); a pair that drew or never met counts half\./);
    expect(said).toContain('2 pairs of these fish never met; their other contests rank them.');
  });
});
