import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanGroup, SpeciesProfile } from '../model';
import type { RuleContext } from './context';
import { meals } from './meals';

/** Each decision about meals, slime, known bad company and exit plans, tried with species that are made up. */
const TANK = { lengthCm: 200, widthCm: 70, heightCm: 60 };
const cm = (length: number) => ({ maleCm: length, femaleCm: length });
const leaveOut = (species: string, count: number) => ({ edit: { kind: 'leave-out', species, count } });
const advice = (does: string) => ({ advice: { does } });
const among = (
  rule: string,
  species: readonly SpeciesProfile[],
  groups: readonly Partial<PlanGroup>[] = [],
) =>
  findingsAmong(
    rule,
    species,
    species.map(({ id }, at) => ({ species: id, count: 5, ...groups[at] })),
    TANK,
  );

describe('slow eaters', () => {
  const slow = (more: Made = {}) =>
    madeUp('paracheirodon-innesi', 'a-slow', {
      family: 'Characidae',
      ...more,
      size: cm(10),
      layers: { top: 0, middle: 0.7, bottom: 0.3, ...more.layers },
      habits: { mealSpeed: 1, nightActive: false, ...more.habits },
      mouth: { diet: 'all', ...more.mouth } as Made['mouth'],
      water: { sensitivity: 1, ...more.water },
    });
  const fast = (length: number, more: Made = {}, id = 'fast') =>
    madeUp('danio-rerio', id, { ...more, size: cm(length), habits: { mealSpeed: 3, ...more.habits } });
  const found = (...asked: Parameters<typeof among> extends [string, ...infer Rest] ? Rest : never) =>
    among('out-eating', ...asked);

  it('are told whole', () =>
    expect(found([slow(), fast(10), fast(8, {}, 'quick')])).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['a-slow', 'fast', 'quick'],
        fact: { says: 'food/out-eaten', count: 5, reached: false },
        because: { fastSpecies: 2, bottom: 0.3, mealsPerDay: expect.any(Number) },
        fixes: [advice('target feeding'), leaveOut('a-slow', 5), leaveOut('fast', 5), leaveOut('quick', 5)],
      }),
    ]));
  it('of the bottom can be reached, and nobody need leave', () =>
    expect(found([slow({ layers: { middle: 0.6, bottom: 0.4 } }), fast(12)])).toEqual([
      expect.objectContaining({
        severity: 'note',
        fact: { says: 'food/out-eaten', count: 5, reached: true },
        fixes: [advice('target feeding')],
      }),
    ]));
  const bottom: Made = { layers: { middle: 0.6, bottom: 0.4 } };
  const fragile: Made = { water: { sensitivity: 3 } };
  it.each<[string, Made, number, Made, number, readonly string[]]>([
    ['beside those half as long', {}, 5, {}, 5, ['caution']],
    ['beside smaller ones', {}, 4.9, {}, 5, []],
    ['beside many smaller ones', {}, 4.9, {}, 6, ['caution']],
    ['beside two no longer', {}, 10, {}, 2, []],
    ['beside three no longer', {}, 10, {}, 3, ['caution']],
    ['beside one longer', {}, 10.1, {}, 1, ['caution']],
    ['beside fish not so fast', {}, 10, { habits: { mealSpeed: 2 } }, 5, []],
    ['beside fast shrimp', {}, 10, { life: 'shrimp' }, 5, []],
    ['not so slow', { habits: { mealSpeed: 2 } }, 10, {}, 5, []],
    ['that graze', { mouth: { diet: 'algae' } }, 10, {}, 5, []],
    ['that gnaw', { mouth: { diet: 'wood' } }, 10, {}, 5, []],
    ['that clean up', { mouth: { diet: 'detritus' } }, 10, {}, 5, []],
    ['that are snails', { life: 'snail' }, 10, {}, 5, []],
    ['that are frogs', { life: 'frog' }, 10, {}, 5, ['caution']],
    ['of the night', { habits: { nightActive: true } }, 12, {}, 5, ['note']],
    ['of the bottom, beside those a fifth longer', bottom, 12, {}, 5, ['note']],
    ['of the bottom, beside those less long', bottom, 11.9, {}, 5, []],
    ['of the bottom and fragile, beside those less long', { ...bottom, ...fragile }, 11.9, {}, 5, ['note']],
    ['frogs of the bottom, beside those less long', { ...bottom, life: 'frog' }, 11.9, {}, 5, ['note']],
    ['that breathe air', { family: 'Osphronemidae' }, 10, {}, 5, []],
    ['that breathe air and are fragile', { family: 'Osphronemidae', ...fragile }, 10, {}, 5, ['caution']],
  ])('%s', (_, one, length, other, count, severities) =>
    expect(found([slow(one), fast(length, other)], [{}, { count }]).map(({ severity }) => severity)).toEqual(
      severities,
    ),
  );
});

describe('meals', () => {
  const rough = {
    profile: madeUp('paracheirodon-innesi', 'rough', { company: { temper: { young: 0, mature: 2 } } }),
  };
  const calm = {
    profile: madeUp('paracheirodon-innesi', 'calm', { company: { temper: { young: 2, mature: 1 } } }),
  };
  const found = (planned: readonly unknown[], mealsPerDay: number, mealsAssumed = false) =>
    meals.judge!({ planned, routine: { mealsPerDay, mealsAssumed } } as unknown as RuleContext);
  it('too few for aggressive fish are told whole', () =>
    expect(found([calm, rough], 1)).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['rough'],
        fact: { says: 'food/meals' },
        because: { mealsPerDay: 1 },
        fixes: [advice('two meals')],
      }),
    ]));
  it('that are two, that nobody named, or of calm fish are no matter', () =>
    expect([...found([rough], 2), ...found([rough], 1, true), ...found([calm], 1)]).toEqual([]));
});

describe('slime that is grazed', () => {
  const grazer = (slimeGrazing: 'yes' | 'some' | 'no', more: Made = {}) =>
    madeUp('gyrinocheilus-aymonieri', 'a-grazer', {
      contested: [],
      ...more,
      size: { ...cm(20), matureCm: 10 },
      company: { slimeGrazing },
    });
  const flat = (more: Made = {}) =>
    madeUp('symphysodon-aequifasciatus', 'flat', {
      contested: [],
      badWith: [],
      ...more,
      size: { ...cm(15), shape: 'flat', ...more.size },
      habits: { activity: 1, ...more.habits },
      company: { temper: { young: 0, mature: 0 }, ...more.company },
    });
  const found = (a: SpeciesProfile, b: SpeciesProfile, groups?: readonly Partial<PlanGroup>[]) =>
    among('slime-grazing', [a, b], groups);
  it('by a sure rasper is told whole', () =>
    expect(found(grazer('yes'), flat())).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['a-grazer', 'flat'],
        fact: { says: 'pair/rasps', counts: [5, 5] },
        because: { grazes: 'yes', lengthCm: 15, exitPlanGiven: false },
        contested: false,
        approach: null,
        from: null,
        fixes: [leaveOut('a-grazer', 5), leaveOut('flat', 5)],
      }),
    ]));
  it('by others is disputed, and milder with an exit plan', () => {
    const plan = { wayOut: 'to the shop' };
    expect(found(grazer('some'), flat())).toMatchObject([
      {
        severity: 'caution',
        fact: { says: 'pair/may rasp' },
        contested: true,
        approach: 'avoid',
        because: { exitPlanGiven: false },
      },
    ]);
    for (const groups of [
      [plan, {}],
      [{}, plan],
    ])
      expect(found(grazer('some'), flat(), groups)).toMatchObject([
        { severity: 'note', approach: 'try with a way out', because: { exitPlanGiven: true } },
      ]);
    expect(found(grazer('yes'), flat(), [plan, {}])).toMatchObject([{ severity: 'stop', approach: null }]);
  });
  it.each<[string, Made, number]>([
    ['deep ones', { size: { shape: 'deep' } }, 1],
    ['slim ones', { size: { shape: 'fusiform' } }, 0],
    ['quicker ones', { habits: { activity: 2 } }, 0],
    ['rough ones', { company: { temper: { young: 0, mature: 2 } } }, 0],
    ['pushy ones', { company: { temper: { young: 0, mature: 1 } } }, 1],
    ['small ones', { size: cm(9.9) }, 0],
    ['ten centimetres', { size: cm(10) }, 1],
    ['no fish', { life: 'snail' }, 0],
  ])('of %s', (_, more, times) => expect(found(grazer('yes'), flat(more))).toHaveLength(times));
  it('by none, by one that leaves young, or by one that keepers speak of already is not told', () => {
    const spoken = grazer('yes', {
      contested: [{ species: 'flat', why: 'it may' }] as unknown as SpeciesProfile['contested'],
    });
    expect([
      ...found(grazer('no'), flat()),
      ...found(grazer('yes'), flat(), [{ lengthCm: 3, until: '2026-12' }, {}]),
      ...found(spoken, flat()),
    ]).toEqual([]);
    expect(found(grazer('yes'), flat(), [{ lengthCm: 3 }, {}])[0]?.from).toMatch(/^\d{4}-\d\d$/);
  });
});

describe('company that keepers know', () => {
  const one = (more: Made = {}) =>
    madeUp('paracheirodon-innesi', 'one', {
      kin: 'one kin',
      contested: [],
      badWith: [],
      lookalike: [],
      ...more,
      company: { nipCalmGroup: null, ...more.company },
    });
  const other = (more: Made = {}) =>
    madeUp('danio-rerio', 'other', {
      kin: 'other kin',
      contested: [],
      badWith: [],
      lookalike: [],
      ...more,
      company: { nipCalmGroup: null, ...more.company },
    });
  const bad = (who: string) => ({ badWith: [{ who, why: 'they fight' }] }) as unknown as Made;
  const contested = (species: string, at?: 'note') =>
    ({ contested: [{ species, why: 'they differ', ...(at && { at }) }] }) as unknown as Made;
  const found = (a: SpeciesProfile, b: SpeciesProfile, groups?: readonly Partial<PlanGroup>[]) =>
    among('temper', [a, b], groups).filter(
      ({ fact }) => fact.says === 'pair/known bad' || fact.says === 'pair/contested',
    );
  it('to be bad is told whole', () =>
    expect(found(one(bad('other')), other())).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['one', 'other'],
        fact: { says: 'pair/known bad', why: 'they fight' },
        because: { known: true },
        contested: false,
        fixes: [leaveOut('other', 5), leaveOut('one', 5)],
      }),
    ]));
  it('to be bad is known by species and by kin, from either side', () => {
    expect(found(one(bad('other kin')), other())).toHaveLength(1);
    expect(found(one(), other(bad('one')))).toMatchObject([{ species: ['other', 'one'] }]);
    expect(found(one(bad('some kin')), other())).toEqual([]);
    expect(found(one(bad('one kin')), other({ kin: 'one kin', formOf: 'one', form: 'colour' }))).toEqual([]);
  });
  it.each<[string, number, number, Made, string]>([
    ['a large shoal with a large group', 20, 6, {}, 'caution pair/contested'],
    ['a shoal not so large', 19, 6, {}, 'stop pair/known bad'],
    ['a group not so large', 20, 5, {}, 'stop pair/known bad'],
    ['bettas', 20, 6, { kin: 'betta' }, 'stop pair/known bad'],
  ])('to nip: %s', (_, nippers, others, more, told) => {
    const nipper = { ...bad('other'), company: { nipCalmGroup: 12 } };
    const groups = [{ count: nippers }, { count: others }];
    const says = (...asked: Parameters<typeof found>) =>
      found(...asked).map(({ severity, fact }) => `${severity} ${fact.says}`);
    expect(says(one(nipper), other(more), groups)).toEqual([told]);
  });
  it('to nip is cured by number from the side of the bitten too, and not with fish that nobody calms', () => {
    const groups = [{ count: 20 }, { count: 6 }];
    expect(found(one({ company: { nipCalmGroup: 12 } }), other(bad('one')), groups)[0]?.fact).toEqual({
      says: 'pair/contested',
      why: 'they fight',
      exitPlan: false,
    });
    expect(found(one(), other(bad('one')), groups)[0]?.fact.says).toBe('pair/known bad');
  });
  it('to be disputed is told whole', () =>
    expect(found(one(contested('other')), other())).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one', 'other'],
        fact: { says: 'pair/contested', why: 'they differ', exitPlan: false },
        because: { exitPlanGiven: false },
        contested: true,
        approach: 'avoid',
      }),
    ]));
  it('to be disputed is milder with an exit plan, and where the worst is a missed meal', () => {
    expect(found(one(contested('other')), other(), [{}, { wayOut: 'to a friend' }])).toMatchObject([
      { severity: 'note', approach: 'try with a way out', fact: { exitPlan: true } },
    ]);
    expect(found(one(contested('other', 'note')), other())).toMatchObject([
      { severity: 'note', approach: 'avoid' },
    ]);
    expect(found(one(contested('other kin')), other())).toHaveLength(1);
    expect(found(one(contested('some kin')), other())).toEqual([]);
  });
});

describe('an exit plan', () => {
  const risk = (more: Made = {}, length = 10) =>
    madeUp('paracheirodon-innesi', 'a-risk', {
      kin: 'risk kin',
      contested: [],
      ...more,
      size: cm(length),
      company: { temper: { young: 0, mature: 0 }, ownKind: { male: 0, female: 0 }, ...more.company },
    });
  const calm = risk();
  const found = (one: SpeciesProfile, group: Partial<PlanGroup> = {}, beside = true) =>
    among('way-out', beside ? [one, { ...calm, id: 'mate', kin: 'mate kin' }] : [one], [group]);
  const rough: Made = { company: { temper: { young: 0, mature: 2 } } };
  it('that is missing or made is told whole', () => {
    expect(found(risk(rough))).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['a-risk'],
        fact: { says: 'care/exit plan', plan: null, count: 5 },
        because: { arranged: false },
        fixes: [advice('exit plan')],
      }),
    ]);
    expect(found(risk(rough), { wayOut: ' to a friend ' })).toEqual([
      expect.objectContaining({
        severity: 'good',
        fact: { says: 'care/exit plan', plan: 'to a friend', count: 5 },
        because: { arranged: true },
        fixes: [],
      }),
    ]);
  });
  const contested = (species: string) => ({ contested: [{ species, why: 'x' }] }) as unknown as Made;
  it.each<[string, SpeciesProfile, Partial<PlanGroup>, boolean, number]>([
    ['a blank one', risk(rough), { wayOut: ' ' }, true, 1],
    ['of calm fish', risk(), {}, true, 0],
    ['of rough fish by themselves', risk(rough), {}, false, 0],
    [
      'of killers of their own by themselves',
      risk({ company: { ownKind: { male: 3, female: 0 } } }),
      {},
      false,
      1,
    ],
    ['of one of them', risk({ company: { ownKind: { male: 3, female: 0 } } }), { count: 1 }, false, 0],
    ['of large fish', risk({}, 30), {}, false, 1],
    ['of fish not so large', risk({}, 29.9), {}, false, 0],
    ['of those about whom keepers disagree', risk(contested('mate')), {}, true, 1],
    ['of those disputed by kin', risk(contested('mate kin')), {}, true, 1],
    ['of those disputed beside others', risk(contested('risk kin')), {}, true, 0],
  ])('%s', (_, one, group, beside, times) =>
    expect(found(one, group, beside).filter(({ species }) => species[0] === 'a-risk')).toHaveLength(times),
  );
});
