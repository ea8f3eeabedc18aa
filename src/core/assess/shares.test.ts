import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import type { PlanGroup } from '../model';
import { groupsAsOne, type PlannedGroup } from '../rules';
import { planGroups } from './buildContext';
import { oneSpecies, plannedSpecies, withSpecies } from './plannedSpecies';
import { rangeUsed } from './rangeUsed';
import { sexShare } from './sexShare';
import { sharedRange } from './sharedRange';

const NEON = 'paracheirodon-innesi';
const of = (id: string) => catalogue.byId.get(id)!;
const groups = (...all: PlanGroup[]) => planGroups(plan(TANKS.us75, all), catalogue, TODAY);

describe('the length of a group over that of the larger sex', () => {
  const sized = (maleCm: number, femaleCm: number, males: number | null, females: number | null): number => {
    const profile = { ...of(NEON), size: { ...of(NEON).size, maleCm, femaleCm } };
    return sexShare({ profile, males, females } as PlannedGroup);
  };
  it.each([
    [10, 6, null, null, 0.8],
    [6, 10, null, null, 0.8],
    [10, 6, 0, 0, 0.8],
    [10, 6, 4, 0, 1],
    [10, 6, 0, 4, 0.6],
    [10, 6, 1, 3, 0.7],
    [10, 6, 3, null, 1],
    [10, 6, null, 3, 0.6],
    [8, 8, 1, 5, 1],
  ])('males of %d cm, females of %d cm, %j males and %j females: %d', (male, female, males, females, share) =>
    expect(sized(male, female, males, females)).toBeCloseTo(share, 12),
  );
});

describe('the range that all share', () => {
  it.each<[[number, number][], [number, number] | null]>([
    [[], null],
    [[[22, 26]], [22, 26]],
    [
      [
        [22, 26],
        [24, 28],
      ],
      [24, 26],
    ],
    [
      [
        [20, 30],
        [24, 26],
        [22, 25],
      ],
      [24, 25],
    ],
    [
      [
        [20, 24],
        [24, 28],
      ],
      [24, 24],
    ],
    [
      [
        [20, 24],
        [24.1, 28],
      ],
      null,
    ],
  ])('of %j is %j', (ranges, shared) => expect(sharedRange(ranges)).toEqual(shared));
});

describe('the range that a verdict rests on', () => {
  const from = (
    sensitivity: 1 | 2 | 3,
    supply: 'farmed' | 'wild' | 'both',
    origin: 'tank-bred' | 'wild' | 'unknown',
  ) => {
    const profile = {
      ...of(NEON),
      water: { ...of(NEON).water, sensitivity },
      trade: { ...of(NEON).trade, supply },
    };
    const { range, source } = rangeUsed(profile, origin);
    expect(range).toBe(source === 'wild' ? profile.water.wild : profile.water.tankBred);
    return source;
  };
  it.each([
    [1, 'wild', 'wild', 'wild'],
    [1, 'farmed', 'wild', 'wild'],
    [3, 'wild', 'tank-bred', 'tank-bred'],
    [3, 'wild', 'unknown', 'wild'],
    [3, 'both', 'unknown', 'wild'],
    [3, 'farmed', 'unknown', 'tank-bred'],
    [2, 'wild', 'unknown', 'tank-bred'],
  ] as const)(
    'of a species of sensitivity %d, sold %s, said to be %s: %s',
    (sensitivity, supply, origin, source) => expect(from(sensitivity, supply, origin)).toBe(source),
  );
});

describe('groups of a list as species', () => {
  it('are taken together by species, in the order of identifiers', () => {
    const planned = plannedSpecies(
      groups(
        { species: 'danio-rerio', count: 8 },
        { species: NEON, count: 6 },
        { species: 'danio-rerio', count: 4 },
        { species: 'corydoras-aeneus', count: 6 },
      ),
    );
    expect(planned.map(({ profile, count }) => [profile.id, count])).toEqual([
      ['corydoras-aeneus', 6],
      ['danio-rerio', 12],
      [NEON, 6],
    ]);
  });
  it('are judged by the wild range where one group is', () => {
    const [tank, wild] = groups(
      { species: NEON, count: 6, origin: 'tank-bred' },
      { species: NEON, count: 6, origin: 'wild' },
    );
    expect(oneSpecies([tank!]).range).toBe(of(NEON).water.tankBred);
    expect(oneSpecies([tank!, wild!]).range).toBe(of(NEON).water.wild);
    expect(oneSpecies([wild!, tank!]).range).toBe(of(NEON).water.wild);
    expect(oneSpecies([tank!, wild!])).toEqual(groupsAsOne(of(NEON), of(NEON).water.wild, [tank!, wild!]));
  });
  const base: PlanGroup = { species: 'aulonocara-stuartgranti', count: 6, lengthCm: 6, males: 2, females: 4 };
  it('are the same object where they are told alike, also in another list', () => {
    expect(oneSpecies(groups(base))).toBe(oneSpecies(groups({ ...base })));
    const [one] = groups(base);
    expect(oneSpecies([one!, one!])).toBe(oneSpecies([one!, one!]));
    expect(oneSpecies([one!, one!])).not.toBe(oneSpecies([one!]));
  });
  it.each<[string, Partial<PlanGroup>]>([
    ['number', { count: 7 }],
    ['males', { males: 1 }],
    ['females', { females: 3 }],
    ['length', { lengthCm: 7 }],
    ['leaving', { until: '2028-01' }],
    ['origin', { origin: 'wild' }],
    ['what is said of the origin', { origin: 'tank-bred' }],
    ['breeding', { breeding: true }],
    ['having grown together', { grownTogether: true }],
    ['exit plan', { wayOut: 'a club' }],
    ['next tank', { nextTank: 'Skerry' }],
    ['months here', { since: '2026-01' }],
  ])('are another one where they differ in %s', (_what, change) =>
    expect(oneSpecies(groups({ ...base, ...change }))).not.toBe(oneSpecies(groups(base))),
  );
  it('are remembered, the latest few of each species', () => {
    const first = oneSpecies(groups({ ...base, count: 50 }));
    for (let count = 51; count < 60; count += 1) oneSpecies(groups({ ...base, count }));
    expect(oneSpecies(groups({ ...base, count: 50 }))).toBe(first);
    for (let count = 60; count < 80; count += 1) oneSpecies(groups({ ...base, count }));
    expect(oneSpecies(groups({ ...base, count: 50 }))).not.toBe(first);
  });
  it('take a species in at its place, instead of what there was of it', () => {
    const planned = plannedSpecies(
      groups({ species: 'corydoras-aeneus', count: 6 }, { species: NEON, count: 6 }),
    );
    const idsWith = (species: string, count = 9) =>
      withSpecies(planned, oneSpecies(groups({ species, count }))).map(
        ({ profile, count: heads }) => `${profile.id} ${heads}`,
      );
    expect(idsWith('danio-rerio')).toEqual(['corydoras-aeneus 6', 'danio-rerio 9', `${NEON} 6`]);
    expect(idsWith('ancistrus-cirrhosus')).toEqual([
      'ancistrus-cirrhosus 9',
      'corydoras-aeneus 6',
      `${NEON} 6`,
    ]);
    expect(idsWith('thorichthys-meeki')).toEqual(['corydoras-aeneus 6', `${NEON} 6`, 'thorichthys-meeki 9']);
    expect(idsWith(NEON)).toEqual(['corydoras-aeneus 6', `${NEON} 9`]);
    expect(planned).toHaveLength(2);
    expect(withSpecies([], oneSpecies(groups({ species: NEON, count: 2 })))).toHaveLength(1);
  });
});
