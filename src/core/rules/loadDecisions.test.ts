import { listed, type Made, madeUp } from '@/testing/madeUp';
import type { Load, PlannedSpecies, RuleContext } from './context';
import { layerCrowding } from './layerCrowding';
import { layerRoom } from './layerRoom';
import { load } from './load';
import { nitrate } from './nitrate';
import { turnover } from './turnover';

/** Each decision about what fish make of their water, tried with loads and lists that are made up. */
const living = (id: string, count: number, judgedCm: number, more: Made = {}) =>
  listed(madeUp('paracheirodon-innesi', id, more), { count, judgedCm });
const loaded = (more: Partial<Load> = {}): Load => ({
  massG: 10.4,
  nitrateMgLWeek: 10,
  nitratePeakMgL: 15,
  lengthRule: 0.6,
  surfaceRule: 0.6,
  ...more,
});
const robust = living('robust', 6, 4, { water: { sensitivity: 1 } });
const fragile = living('fragile', 6, 4, { water: { sensitivity: 3 } });

describe('nitrate', () => {
  interface Asked {
    readonly planned?: readonly PlannedSpecies[];
    readonly assumed?: boolean;
    readonly focus?: PlannedSpecies;
    readonly after?: (months: number) => Load;
    readonly changeFraction?: number;
    readonly everyDays?: number;
  }
  const found = (
    makes: Partial<Load>,
    { planned = [robust], assumed = false, focus, after, changeFraction = 0.25, everyDays = 7 }: Asked = {},
  ) =>
    nitrate.judge!({
      planned,
      month: '2026-11',
      focus: focus ?? null,
      load: loaded(makes),
      loadAfter: after ?? (() => loaded(makes)),
      routine: { changeFraction, everyDays, changesAssumed: assumed },
    } as unknown as RuleContext);

  it('is told whole', () =>
    expect(found({ nitrateMgLWeek: 41.26, nitratePeakMgL: 50.04 })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: [],
        fact: { says: 'nitrate/makes', weekMgL: 41.26, peakMgL: 50.04, budgetMgL: 20, edgeMgL: 40 },
        because: { nitrateMgLWeek: 41.3, nitratePeakMgL: 50, budget: 20, changeFraction: 0.25, everyDays: 7 },
        from: null,
        approach: 'nitrate budget',
        fixes: [{ advice: { does: 'less nitrate' } }],
      }),
    ]));
  it.each<[string, Partial<Load>, Asked, readonly string[]]>([
    ['nobody', { nitrateMgLWeek: 90 }, { planned: [] }, []],
    ['the budget and a low peak', { nitrateMgLWeek: 20, nitratePeakMgL: 20 }, {}, ['good']],
    ['the same by a routine that nobody chose', { nitratePeakMgL: 20 }, { assumed: true }, []],
    ['a peak between thriving and the edge', { nitratePeakMgL: 20.1 }, {}, []],
    ['the same with fragile fish', { nitratePeakMgL: 20.1 }, { planned: [robust, fragile] }, ['note']],
    ['a low peak with fragile fish', { nitratePeakMgL: 20 }, { planned: [fragile] }, ['good']],
    ['the edge', { nitratePeakMgL: 40 }, {}, []],
    ['over the edge', { nitratePeakMgL: 40.1 }, {}, ['note']],
    ['over the budget', { nitrateMgLWeek: 20.1 }, {}, ['note']],
    ['twice the budget', { nitrateMgLWeek: 40 }, {}, ['note']],
    ['over twice the budget', { nitrateMgLWeek: 40.1 }, {}, ['caution']],
    ['the same by a routine that nobody chose', { nitrateMgLWeek: 40.1 }, { assumed: true }, ['caution']],
    ['twice the edge', { nitratePeakMgL: 80 }, {}, ['note']],
    ['over twice the edge', { nitratePeakMgL: 80.1 }, {}, ['caution']],
    [
      'over twice the edge by a routine that nobody chose',
      { nitratePeakMgL: 80.1 },
      { assumed: true },
      ['note'],
    ],
  ])('%s', (_, makes, asked, severities) =>
    expect(found(makes, asked).map(({ severity }) => severity)).toEqual(severities),
  );
  it('asks for the next heavier routine where changes can mend it, and for less where they cannot', () => {
    const routine = (changeFraction: number, everyDays: number, week = 10) =>
      found({ nitratePeakMgL: 45, nitrateMgLWeek: week }, { changeFraction, everyDays })[0]?.fixes;
    const less = { advice: { does: 'less nitrate' } };
    const set = (everyDays: number) => ({ edit: { kind: 'set-routine', changeFraction: 0.5, everyDays } });
    expect(routine(0.25, 7)).toEqual([set(7), less]);
    expect(routine(0.5, 7)).toEqual([set(4), less]);
    expect(routine(0.25, 3)).toEqual([set(4), less]);
    expect(routine(0.5, 4)).toEqual([less]);
    expect(routine(0.25, 7, 20)).toEqual([set(7), less]);
    expect(routine(0.25, 7, 20.1)).toEqual([less]);
  });
  it('has nothing to mend where the fish are well', () =>
    expect(found({}, {})[0]).toMatchObject({ severity: 'good', fixes: [], from: null }));
  it('begins in the month in which growth makes it a caution', () => {
    const grows = (months: number) => loaded({ nitrateMgLWeek: 38 + months });
    const bad = { nitrateMgLWeek: 50 };
    expect(found(bad, { after: grows })[0]?.from).toBe('2027-02');
    expect(found(bad, { after: () => loaded(bad) })[0]?.from).toBeNull();
    expect(found(bad, { after: grows, focus: robust })[0]?.from).toBeNull();
    expect(found({ nitrateMgLWeek: 30 }, { after: grows })[0]?.from).toBeNull();
    const byPeak = { nitratePeakMgL: 90 };
    expect(found(byPeak, { after: (months) => loaded({ nitratePeakMgL: 79 + months }) })[0]?.from).toBe(
      '2027-01',
    );
  });
});

describe('the rules of thumb', () => {
  const found = (lengthRule: number, surfaceRule: number, planned: readonly PlannedSpecies[] = [robust]) =>
    load.judge!({ planned, load: loaded({ lengthRule, surfaceRule }) } as unknown as RuleContext);
  it('are told whole', () =>
    expect(found(3.456, 2.345)).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: [],
        fact: { says: 'bioload/rules', lengthRule: 3.456, surfaceRule: 2.345 },
        because: { lengthRule: 3.46, surfaceRule: 2.35, massG: 10 },
        approach: 'length and surface rules',
        fixes: [{ advice: { does: 'fewer fish' } }],
      }),
    ]));
  it.each<[number, number, readonly string[]]>([
    [1.5, 9, []],
    [9, 1.5, []],
    [1.51, 9, ['note']],
    [2, 2, ['note']],
    [2.01, 9, ['caution']],
    [9, 5, ['caution']],
    [5.01, 5.01, ['stop']],
  ])('by length %d, by surface %d', (lengthRule, surfaceRule, severities) =>
    expect(found(lengthRule, surfaceRule).map(({ severity }) => severity)).toEqual(severities),
  );
  it('have nothing to say of an empty list', () => expect(found(9, 9, [])).toEqual([]));
});

describe('turnover', () => {
  interface Asked {
    readonly planned?: readonly PlannedSpecies[];
    readonly stocked?: number;
    readonly dense?: boolean;
    readonly assumed?: readonly string[];
  }
  const small = (id: string, more: Made = {}) =>
    living(id, 6, 4, {
      size: { maleCm: 4, femaleCm: 4 },
      ...more,
      company: { temper: { young: 0, mature: 0 }, ...more.company },
    });
  const rough = small('rough', { company: { temper: { young: 0, mature: 2 } } });
  const found = (
    perHour: number,
    { planned = [small('small')], stocked = 1, dense = false, assumed = [] }: Asked = {},
  ) =>
    turnover.judge!({
      planned,
      load: loaded({ lengthRule: stocked }),
      riftDensity: dense ? 'dense' : null,
      tank: { figures: { turnoverPerHour: perHour }, assumed: new Set(assumed) },
    } as unknown as RuleContext);
  it('is told whole', () =>
    expect(found(1.456, { planned: [small('small'), rough] })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['rough'],
        fact: { says: 'home/turnover', perHour: 1.456, wanted: 3, demanding: true },
        because: { turnoverPerHour: 1.46, wanted: 3 },
        fixes: [{ advice: { does: 'larger filter' } }],
      }),
    ]));
  const long = (length: number) => small('long', { size: { maleCm: length, femaleCm: 4 } });
  const mbuna = small('mbuna', { kin: 'mbuna' });
  const hap = small('hap', { kin: 'hap' });
  it.each<[string, number, Asked, readonly string[]]>([
    ['enough', 2, {}, []],
    ['a little less', 1.99, {}, ['note']],
    ['half of it', 1, {}, ['note']],
    ['less than half', 0.99, {}, ['caution']],
    ['less than half in a tank half stocked', 0.99, { stocked: 0.5 }, ['note']],
    ['less than half in a tank stocked a little more', 0.99, { stocked: 0.51 }, ['caution']],
    ['a filter that nobody named', 0, { assumed: ['filterLph'] }, []],
    ['no fish', 0, { planned: [small('shrimp', { life: 'shrimp' })] }, []],
    ['enough for rough fish', 3, { planned: [rough] }, []],
    ['too little for rough fish', 2.99, { planned: [rough] }, ['note']],
    ['too little for fish of 15 cm', 2.99, { planned: [long(15)] }, ['note']],
    ['enough for smaller ones', 2.99, { planned: [long(14.9)] }, []],
    [
      'rough shrimp ask no more',
      2.5,
      { planned: [small('small'), { ...rough, profile: { ...rough.profile, life: 'crayfish' } }] },
      [],
    ],
    ['rock dwellers by choice dense', 4.99, { planned: [mbuna], dense: true }, ['note']],
    ['the same with enough', 5, { planned: [mbuna], dense: true }, []],
    ['open-water cichlids by choice dense', 4.99, { planned: [small('small'), hap], dense: true }, ['note']],
    ['rock dwellers, nothing chosen', 2, { planned: [mbuna] }, []],
    ['dense chosen for others', 2, { dense: true }, []],
  ])('%s', (_, perHour, asked, severities) =>
    expect(found(perHour, asked).map(({ severity }) => severity)).toEqual(severities),
  );
});

describe('layers', () => {
  const FOOTPRINT = 3 * 12 * 2.54 * 12; // a third of its surface rule is 12 cm of fish for each layer
  const context = (
    planned: readonly PlannedSpecies[],
    focus: PlannedSpecies | null = null,
    footprintCm2 = FOOTPRINT,
  ) => ({ planned, focus, tank: { figures: { footprintCm2 } } }) as unknown as RuleContext;
  const at = (id: string, top: number, middle: number, bottom: number, cm = 12, count = 1) =>
    living(id, count, cm, { layers: { top, middle, bottom } });
  it('offer a third of the surface rule each, and fish take their share of each by length', () => {
    const room = layerRoom(context([at('a', 0.5, 0.25, 0.25, 12, 2), at('b', 0, 0, 1, 6, 3)]));
    expect(room.top).toBeCloseTo(1, 9);
    expect(room.middle).toBeCloseTo(0.5, 9);
    expect(room.bottom).toBeCloseTo(0.5 + 1.5, 9);
    expect(layerRoom(context([at('a', 0.5, 0.5, 0, 12, 1)], null, 0))).toEqual({
      top: 6,
      middle: 6,
      bottom: 0,
    });
  });
  it('count every group', () => {
    const two = at('a', 1, 0, 0);
    const [group] = two.groups;
    expect(layerRoom(context([{ ...two, groups: [group!, group!] }])).top).toBeCloseTo(2, 9);
  });
  it('that are crowded are told whole', () =>
    expect(
      layerCrowding.judge!(
        context([at('a', 0, 0.5, 0.5), at('b', 0, 0, 1, 61.234), at('c', 0.51, 0, 0.49, 24)]),
      ),
    ).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['a', 'b'],
        fact: { says: 'home/layer', layer: 'bottom', crowded: true },
        part: 'bottom',
        because: { layer: 'bottom', timesTheOffer: expect.closeTo(61.234 / 12 + 1.48, 2) },
        fixes: [{ advice: { does: 'other layer' } }],
      }),
    ]));
  const told = (planned: readonly PlannedSpecies[], focus: PlannedSpecies | null = null) =>
    layerCrowding.judge!(context(planned, focus)).map(({ severity, part }) => `${severity} ${part}`);
  it.each<[number, readonly string[]]>([
    [2.99, []],
    [3.01, ['note top']],
    [4.99, ['note top']],
    [5.01, ['caution top']],
  ])('%d times the offer', (times, expected) => {
    const crowd = at('a', 1, 0, 0, 12 * times);
    expect(told([crowd])).toEqual(expected);
    expect(told([crowd], crowd)).toEqual(expected.filter((one) => one.startsWith('caution')));
  });
  const three = (left: number) => ['a', 'b', 'c'].map((id) => at(id, left, 0, 1 - left, 1));
  it('of which one holds nearly all of three species are a note', () => {
    expect(layerCrowding.judge!(context(three(0.14)))).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['a', 'b', 'c'],
        fact: { says: 'home/one layer', layer: 'bottom' },
        part: 'bottom',
        because: { layer: 'bottom', share: 0.86 },
        fixes: [{ advice: { does: 'one for another layer' } }],
      }),
    ]);
    expect(told(three(0.16))).toEqual([]);
    expect(told(three(0.14).slice(1))).toEqual([]);
    expect(told(three(0.14), three(0.14)[0])).toEqual([]);
    expect(told([])).toEqual([]);
  });
});
