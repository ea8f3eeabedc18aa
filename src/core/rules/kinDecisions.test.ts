import { findingsAmong, listed, type Made, madeUp } from '@/testing/madeUp';
import type { PlanGroup, SpeciesProfile } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { hybridising } from './hybridising';

/** Each decision about species near in kin or in looks, tried with two that are made up. */
const TANK = { lengthCm: 200, widthCm: 70, heightCm: 60 };
const among = (
  rule: string,
  species: readonly SpeciesProfile[],
  groups: readonly Partial<PlanGroup>[] = [],
  month = 0,
) =>
  findingsAmong(
    rule,
    species,
    species.map(({ id, size }, at) => ({
      species: id,
      count: 5,
      ...(month > 0 ? { lengthCm: size.matureCm / 2 } : {}),
      ...groups[at],
    })),
    TANK,
  );

describe('species that may cross', () => {
  const kin = (id: string, more: Made = {}) =>
    madeUp('xiphophorus-hellerii', id, {
      kin: 'made-up kin',
      ...more,
      company: { breeds: 'often', ...more.company },
    });
  const found = (
    a: SpeciesProfile,
    b: SpeciesProfile,
    groups?: readonly [Partial<PlanGroup>, Partial<PlanGroup>],
  ) => among('hybridising', [a, b], groups);
  const both = { count: 5, males: 2, females: 3 };
  const males = { count: 5, males: 5, females: 0 };
  const females = { count: 5, males: 0, females: 5 };
  const none = { count: 5, males: 0, females: 0 };

  it('are told whole', () =>
    expect(found(kin('same-one'), kin('same-two'), [both, {}])).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['same-one', 'same-two'],
        fact: { says: 'pair/cross' },
        because: { kin: 'made-up kin', species: 2 },
        from: null,
        fixes: [
          { edit: { kind: 'leave-out', species: 'same-one', count: 5 } },
          { edit: { kind: 'leave-out', species: 'same-two', count: 5 } },
        ],
      }),
    ]));
  it('are told from the month in which the later of them matures', () => {
    const [finding] = among('hybridising', [kin('same-one'), kin('same-two')], [], 1);
    expect(finding?.from).toMatch(/^\d{4}-\d\d$/);
    const [later] = among(
      'hybridising',
      [kin('same-one'), kin('same-two', { size: { matureCm: 9 } })],
      [{}, { lengthCm: 2 }],
    );
    expect(later!.from! > finding!.from!).toBe(true);
  });
  it.each<[string, Made, Made, readonly [Partial<PlanGroup>, Partial<PlanGroup>], readonly string[]]>([
    ['both sexes known', {}, {}, [both, both], ['caution']],
    ['males of one, females of the other', {}, {}, [males, females], ['caution']],
    ['sexes that nobody knows', {}, {}, [{}, {}], ['note']],
    ['of which none is known', {}, {}, [none, none], ['note']],
    ['males known, females not', {}, {}, [males, {}], ['note']],
    ['males of both', {}, {}, [males, males], []],
    ['females of both', {}, {}, [females, females], []],
    ['another kin', {}, { kin: 'other kin' }, [both, both], []],
    ['one that seldom breeds', {}, { company: { breeds: 'seldom' } }, [both, both], []],
    ['the first seldom breeds', { company: { breeds: 'seldom' } }, {}, [both, both], []],
    [
      'one that breeds as a matter of course',
      {},
      { company: { breeds: 'prolific' } },
      [both, both],
      ['caution'],
    ],
    [
      'one that leaves before it matures',
      {},
      { size: { matureCm: 9 } },
      [both, { ...both, lengthCm: 2, until: '2026-12' }],
      [],
    ],
  ])('%s', (_, a, b, groups, severities) =>
    expect(found(kin('same-one', a), kin('same-two', b), groups).map(({ severity }) => severity)).toEqual(
      severities,
    ),
  );
  it('are told of one that is asked about, and not to cross with itself', () => {
    const [a, b, c] = [kin('same-one'), kin('same-two'), kin('same-three', { kin: 'other kin' })].map((one) =>
      listed(one, { count: 5 }),
    ) as [PlannedSpecies, PlannedSpecies, PlannedSpecies];
    const ofAPlace = listed(kin('same-place', { form: 'place' }), { count: 5 });
    const told = (planned: readonly PlannedSpecies[], focus: PlannedSpecies | null) =>
      hybridising.judge!({ planned, focus, month: '2026-11' } as unknown as RuleContext).map(
        ({ species }) => species,
      );
    expect(told([a, b, c], b)).toEqual([['same-one', 'same-two']]);
    expect(told([a, b, c], c)).toEqual([]);
    expect([...told([ofAPlace], null), ...told([ofAPlace], ofAPlace)]).toEqual([]);
  });
  it('of two genera are a note', () =>
    expect(found(kin('same-one'), kin('different-two'), [both, both])[0]).toMatchObject({
      severity: 'note',
    }));
  it('are told without those of the list that cross less surely', () => {
    const three = [kin('same-one'), kin('same-two'), kin('different-three')];
    expect(among('hybridising', three, [both, both, both])[0]).toMatchObject({
      severity: 'caution',
      species: ['same-one', 'same-two'],
      because: { species: 2 },
    });
    expect(among('hybridising', three)[0]).toMatchObject({
      severity: 'note',
      species: ['different-three', 'same-one', 'same-two'],
      fixes: [{ edit: { species: 'different-three' } }, { edit: { species: 'same-one' } }],
    });
  });
  it('are not forms that were bred from one species; forms of places are', () => {
    const formOf = (form: SpeciesProfile['form']) =>
      found(kin('same-one'), kin('same-other', { form, formOf: 'same-one' }), [both, both]).length;
    expect([formOf('colour'), formOf('place')]).toEqual([0, 1]);
  });
});

describe('species that take each other for rivals', () => {
  const like = (id: string, toLookalikes: 0 | 1 | 2 | 3, more: Made = {}) =>
    madeUp('epalzeorhynchos-bicolor', id, {
      kin: 'made-up kin',
      lookalike: ['one pattern'],
      contested: [],
      badWith: [],
      ...more,
      company: { mode: 'group', toLookalikes, ...more.company },
    });
  const loner = (id: string, toLookalikes: 0 | 1 | 2 | 3, more: Made = {}) =>
    like(id, toLookalikes, { ...more, company: { mode: 'solitary' } });
  it.each(['a-loner', 'z-loner'])('are told whole, the loner that attacks first: %s', (id) => {
    const edit = (species: string, count: number) => ({ edit: { kind: 'leave-out', species, count } });
    expect(among('look-alike', [loner(id, 3), like('other', 0)], [{ count: 1 }])).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: [id, 'other'],
        fact: { says: 'pair/rivals', counts: [1, 5] },
        because: { lookalike: 'one pattern', aggression: 3 },
        fixes: expect.arrayContaining([edit(id, 1), edit('other', 5)]),
      }),
    ]);
  });
  it.each<[string, SpeciesProfile, SpeciesProfile, readonly string[]]>([
    ['mild both', like('a-one', 1), like('a-two', 1), []],
    ['rough', like('a-one', 2), like('a-two', 0), ['note a-one']],
    ['the second rough', like('a-one', 0), like('a-two', 2), ['note a-one']],
    ['deadly', like('a-one', 3), like('a-two', 0), ['caution a-one']],
    [
      'a deadly loner of another kin',
      loner('a-one', 3),
      like('a-two', 0, { kin: 'other' }),
      ['caution a-one'],
    ],
    ['a loner that is only rough', loner('a-one', 2), like('a-two', 0), ['note a-one']],
    ['two deadly loners', loner('a-one', 3), loner('a-two', 3), ['stop a-one']],
    ['another pattern', like('a-one', 3), like('a-two', 3, { lookalike: ['another'] }), []],
    [
      'one pattern of several',
      like('a-one', 3),
      like('a-two', 3, { lookalike: ['another', 'one pattern'] }),
      ['caution a-one'],
    ],
    ['two forms of one species', like('a-one', 3), like('a-two', 3, { formOf: 'a-one' }), []],
  ])('%s', (_, a, b, told) =>
    expect(among('look-alike', [a, b]).map(({ severity, species }) => `${severity} ${species[0]}`)).toEqual(
      told,
    ),
  );
  it('are told by the disagreement about them, unless it is the milder of the two', () => {
    const disputed = (
      toLookalikes: 0 | 1 | 2 | 3,
      at: 'caution' | 'note',
      mode: 'group' | 'solitary' = 'group',
    ) =>
      among('look-alike', [
        like('a-one', toLookalikes, {
          contested: [{ species: 'a-two', why: 'they differ', at }],
          company: { mode },
        }),
        like('a-two', 0),
      ]).map(({ severity }) => severity);
    expect(disputed(3, 'caution')).toEqual([]);
    expect(disputed(2, 'note')).toEqual([]);
    expect(disputed(3, 'note')).toEqual(['caution']);
    expect(disputed(3, 'caution', 'solitary')).toEqual(['stop']);
  });
});
