import { listed, type Made, madeUp } from '@/testing/madeUp';
import type { PlannedGroup, PlannedSpecies, RuleContext } from './context';
import { groundClaims, territory } from './territory';

/** Each decision about the floor of a tank and who holds it, tried with species that are made up. */
const leaveOut = (species: string, count: number) => ({ edit: { kind: 'leave-out', species, count } });

/** A cichlid of 10 cm that matures at 5 and holds ground for itself. */
const living = (id: string, more: Made = {}, group: Partial<PlannedGroup> = {}) =>
  listed(
    madeUp('amatitlania-nigrofasciata', id, {
      kin: `${id} kin`,
      family: 'Cichlidae',
      ...more,
      size: { maleCm: 10, femaleCm: 10, matureCm: 5, ...more.size },
      company: {
        mode: 'solitary',
        groundCm2: 1000,
        temper: { young: 1, mature: 1 },
        smallestGroup: 1,
        ...more.company,
      },
    }),
    group,
  );

interface Asked {
  readonly breaks?: number;
  readonly focus?: PlannedSpecies;
  readonly density?: 'roomy' | 'dense';
  readonly grossL?: number;
  readonly footprintCm2?: number;
}
const context = (
  planned: readonly PlannedSpecies[],
  { breaks, focus, density, grossL = 284, footprintCm2 = 4000 }: Asked = {},
) =>
  ({
    planned,
    month: '2026-11',
    focus: focus ?? null,
    riftDensity: density ?? null,
    tank: { figures: { footprintCm2, grossL }, sightBreaks: breaks ?? null },
  }) as unknown as RuleContext;

describe('the floor that is claimed', () => {
  const told = (planned: readonly PlannedSpecies[], asked?: Asked) =>
    territory.judge!(context(planned, asked));
  const severities = (...asked: Parameters<typeof told>) => told(...asked).map(({ severity }) => severity);
  it('is told whole, the largest claim first', () =>
    expect(
      told([living('a', {}, { count: 2 }), living('b', { company: { groundCm2: 1500 } }, { count: 2 })]),
    ).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['b', 'a'],
        fact: { says: 'floor/claimed', holders: 4, without: 1, share: 1.25 },
        because: { holders: 4, heldCm2: 5000, footprintCm2: 4000, sightBreaks: 'not given' },
        from: null,
        fixes: [leaveOut('b', 2), leaveOut('a', 2), { advice: { does: 'larger floor' } }],
      }),
    ]));
  const two = (first: number, second: number, more: Made = {}) => [
    living('a', { ...more, company: { groundCm2: first, ...more.company } }),
    living('b', { company: { groundCm2: second } }),
  ];
  it.each<[string, readonly PlannedSpecies[], Asked, readonly string[]]>([
    ['three quarters', two(2000, 1000), {}, []],
    ['more than three quarters', two(2000, 1001), {}, ['note']],
    ['all of it', two(2000, 2000), {}, ['note']],
    ['more than all', two(2000, 2001), {}, ['caution']],
    ['by one species alone', [living('a', {}, { count: 9 })], {}, []],
    [
      'by one beside peaceful ones',
      two(3000, 3000, { company: { temper: { young: 0, mature: 0 } } }),
      {},
      [],
    ],
    ['by one beside suckers', two(3000, 3000, { family: 'Loricariidae' }), {}, []],
    ['by one beside those that hold nothing', two(3000, 3000, { company: { groundCm2: null } }), {}, []],
    ['by one beside those that show', two(3000, 3000, { kin: 'hap', company: { mode: 'group' } }), {}, []],
    ['by loners that otherwise show', two(3000, 3000, { kin: 'hap' }), {}, ['caution']],
    ['more than all, with a sight break for each', two(2000, 2001), { breaks: 2 }, ['note']],
    ['more than all, with a sight break too few', two(2000, 2001), { breaks: 1 }, ['caution']],
    ['a quarter more than all, with sight breaks', two(2500, 2500), { breaks: 2 }, ['note']],
    ['over a quarter more than all, with sight breaks', two(2500, 2501), { breaks: 2 }, ['caution']],
  ])('%s', (_, planned, asked, expected) => expect(severities(planned, asked)).toEqual(expected));
  it('counts those without a place when the largest settle first, sight breaks and all', () => {
    const planned = [
      living('a', { company: { groundCm2: 1500 } }, { count: 3 }),
      living('b', { company: { groundCm2: 900 } }, { count: 3 }),
    ];
    expect(told(planned)[0]?.fact).toMatchObject({ holders: 6, without: 3, share: 1.8 });
    expect(told(planned, { breaks: 6 })[0]?.fact).toMatchObject({ holders: 6, without: 3, share: 1.44 });
    expect(told(planned, { footprintCm2: 5000 })[0]?.fact).toMatchObject({ without: 3 });
    expect(told(planned, { footprintCm2: 5500 })[0]?.fact).toMatchObject({ without: 2 });
  });
  it('is asked of a newcomer only where it claims some, and not as a note', () => {
    const planned = two(2000, 2001);
    const calm = living('c', { company: { groundCm2: null } });
    expect(severities([...planned, calm], { focus: calm })).toEqual([]);
    expect(severities(planned, { focus: planned[0]! })).toEqual(['caution']);
    const noted = two(2000, 1500);
    expect([severities(noted), severities(noted, { focus: noted[0]! })]).toEqual([['note'], []]);
  });
  it('begins when the last of them matures, and leaves out those that leave before', () => {
    const young = (leavesInMonths: number | null) => [
      living('a', { company: { groundCm2: 2500 } }),
      living('b', { company: { groundCm2: 2500 } }, { lengthCm: 2, leavesInMonths }),
    ];
    expect(told(young(null))[0]?.from).toMatch(/^\d{4}-\d\d$/);
    expect(told(young(0))).toEqual([]);
  });
  it('is listed by species, rock dwellers kept dense left out', () => {
    const mbuna = living('c', { kin: 'mbuna' });
    const claims = (density?: 'roomy') =>
      groundClaims(
        context([living('a', { company: { holds: 'cave' } }, { count: 2 }), mbuna], {
          breaks: 9,
          ...(density && { density }),
        }),
      );
    expect(claims()).toEqual({
      claims: [{ species: 'a', holders: 2, cm2: 1000, home: 'cave' }],
      breaks: 1.25,
    });
    expect(claims('roomy').claims.map(({ species }) => species)).toEqual(['a', 'c']);
  });
});

describe('Lake Malawi cichlids together', () => {
  // Ten peacocks and haps of the roomy approach in 284 L, 17 of the dense; 40 rock dwellers dense on 6,000 cm², 20 roomy.
  const of = (id: string, kin: string, count: number, smallestGroup = 1) =>
    living(id, { kin, company: { groundCm2: null, smallestGroup } }, { count });
  const told = (planned: readonly PlannedSpecies[], asked: Asked = {}) =>
    territory.judge!(context(planned, { footprintCm2: 6000, ...asked }));
  it('too many are told whole', () =>
    expect(told([of('p', 'aulonocara', 7), of('h', 'hap', 6), of('x', 'other', 9)])).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['p', 'h'],
        fact: { says: 'group/dense', count: 13, kind: 'open water', light: 10, over: false, dense: 17 },
        because: { count: 13, light: 10, dense: 17, grossL: 284, footprintCm2: 6000 },
        contested: true,
        approach: 'roomy',
        fixes: [{ edit: { kind: 'set-density', density: 'dense' } }],
      }),
    ]));
  it.each<[string, readonly PlannedSpecies[], Asked, readonly string[]]>([
    ['as many as roomy tanks have', [of('p', 'hap', 10)], {}, []],
    ['one more', [of('p', 'hap', 11)], {}, ['caution open water roomy true 1']],
    ['one more, no more than the smallest group', [of('p', 'hap', 11, 11)], {}, []],
    ['as many as dense tanks have', [of('p', 'hap', 17)], {}, ['caution open water roomy true 1']],
    ['one more than those', [of('p', 'hap', 18)], {}, ['caution open water roomy false 0']],
    ['dense by choice', [of('p', 'hap', 17)], { density: 'dense' }, ['note open water dense true 0']],
    [
      'too many for dense by choice',
      [of('p', 'hap', 18)],
      { density: 'dense' },
      ['caution open water dense false 0'],
    ],
    ['few, dense by choice', [of('p', 'hap', 10)], { density: 'dense' }, []],
    ['rock dwellers as many as dense tanks have', [of('m', 'mbuna', 40)], {}, []],
    ['more rock dwellers', [of('m', 'mbuna', 41)], {}, ['caution rock dwellers roomy false 0']],
    [
      'rock dwellers, roomy by choice',
      [of('m', 'mbuna', 21)],
      { density: 'roomy' },
      ['caution rock dwellers roomy true 1'],
    ],
    ['both, half of each', [of('p', 'hap', 5), of('m', 'mbuna', 20)], {}, []],
    ['both, a little more', [of('p', 'hap', 6), of('m', 'mbuna', 20)], {}, ['caution both roomy true 1']],
    ['others', [of('x', 'other', 90)], {}, []],
  ])('%s', (_, planned, asked, expected) =>
    expect(
      told(planned, asked).map(
        ({ severity, fact, approach, contested, fixes }) =>
          `${severity} ${'kind' in fact ? fact.kind : ''} ${approach} ${contested} ${fixes.length}`,
      ),
    ).toEqual(expected),
  );
  it('are no question to a newcomer of another kind', () => {
    const [hap, other] = [of('p', 'hap', 30), of('x', 'other', 9)];
    expect(told([hap, other], { focus: other })).toEqual([]);
    expect(told([hap, other], { focus: hap })).toHaveLength(1);
  });
});
