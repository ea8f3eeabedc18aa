import type { PlannedSpecies, RuleContext } from './context';
import { advise } from './fixes';
import type { Fix } from './finding';
import type { Rule } from './rule';
import { waterHardness } from './waterHardness';
import { waterPh } from './waterPh';
import { waterTemperature } from './waterTemperature';
import { waterRule, type WaterMeasure } from './waterRule';

/** Each decision about one measure of the water, tried with a measure, a list and a tank that are made up. */
const MEASURE: WaterMeasure = {
  rule: 'water-ph',
  name: 'ph',
  unit: ' units',
  lenient: 2,
  aboveFarmed: 4,
  gapLenient: 1,
  narrow: 2,
  opposite: { wildGap: 3, window: 1, upTo: 30 },
  topEdge: { within: 1, aboveMiddle: 2 },
  reason: 'made up',
  change: (wanted, now) => advise({ does: wanted < now ? 'lower pH' : 'raise pH', ph: wanted }),
};
type Span = readonly [number, number];
interface Living {
  readonly range: Span;
  readonly wild?: Span;
  readonly source?: 'wild' | 'tank-bred';
  readonly asSold?: boolean;
}
const living = (id: string, { range, wild = range, source = 'wild', asSold = false }: Living) =>
  ({
    profile: { id, water: { wild: { ph: wild } } },
    count: 5,
    range: { ph: range },
    groups: [{ rangeSource: source, asSold }],
  }) as unknown as PlannedSpecies;
const context = (
  planned: readonly PlannedSpecies[],
  value: number,
  shared: Span | null,
  more: { readonly assumed?: readonly string[]; readonly focus?: PlannedSpecies } = {},
) =>
  ({
    planned,
    focus: more.focus ?? null,
    water: { ph: value, assumed: new Set(more.assumed ?? []) },
    shared: { ph: shared },
  }) as unknown as RuleContext;

const rule = waterRule(MEASURE);
const leaveOut = (species: string) => ({ edit: { kind: 'leave-out', species, count: 5 } });
const one = (value: number, living_: Living, shared: Span | null = null, measure = MEASURE) =>
  waterRule(measure).judge!(context([living('one', living_)], value, shared));

describe('one species against the tank', () => {
  it('is told whole', () =>
    expect(one(25, { range: [10, 20] })).toEqual([
      expect.objectContaining({
        rule: 'water-ph',
        severity: 'stop',
        species: ['one'],
        fact: { says: 'water/needs', measure: 'ph', range: [10, 20], asSold: null, tank: 25, count: 5 },
        because: { value: 25, lowest: 10, highest: 20, outsideBy: 5, range: 'wild' },
        fixes: [leaveOut('one')],
      }),
    ]));
  it.each<[string, number, Living, readonly string[]]>([
    ['within', 15, { range: [10, 20] }, []],
    ['at the lowest', 10, { range: [10, 20] }, []],
    ['a little below', 8, { range: [10, 20] }, ['caution']],
    ['well below', 7.9, { range: [10, 20] }, ['stop']],
    ['a little above', 22, { range: [10, 20] }, ['caution']],
    ['well above, wild', 22.1, { range: [10, 20] }, ['stop']],
    ['above, farmed', 24, { range: [10, 20], source: 'tank-bred' }, ['caution']],
    ['well above, farmed', 24.1, { range: [10, 20], source: 'tank-bred' }, ['stop']],
    ['below, farmed', 7.9, { range: [10, 20], source: 'tank-bred' }, ['stop']],
    ['at the very top', 20, { range: [10, 20] }, ['note']],
    ['near the top', 19, { range: [10, 20] }, ['note']],
    ['not so near the top', 18.9, { range: [10, 20] }, []],
    ['at the top of a narrow range', 12, { range: [10, 12] }, []],
    ['at the top of one not so narrow', 14, { range: [10, 14] }, ['note']],
  ])('%s', (_, value, fish, severities) =>
    expect(one(value, fish).map(({ severity }) => severity)).toEqual(severities),
  );
  it('at the very top says so', () =>
    expect(one(20, { range: [10, 20] })).toEqual([
      expect.objectContaining({
        species: ['one'],
        fact: { says: 'water/warm edge', measure: 'ph', highest: 20, count: 5 },
        because: { value: 20, highest: 20 },
      }),
    ]));
  it('is not asked at the top where the measure has no edge, nor at all where nobody measured', () => {
    const { topEdge: _none, ...flat } = MEASURE;
    expect(one(20, { range: [10, 20] }, null, flat)).toEqual([]);
    expect(rule.judge!(context([living('one', { range: [10, 20] })], 40, null, { assumed: ['ph'] }))).toEqual(
      [],
    );
  });
  it('says that it is judged as sold where the measure tells farmed fish apart', () => {
    const { aboveFarmed: _none, ...alike } = MEASURE;
    const sold = (measure: WaterMeasure, fish: Partial<Living>) =>
      one(40, { range: [10, 20], ...fish }, null, measure)[0]?.fact;
    expect(sold(MEASURE, { source: 'tank-bred', asSold: true })).toMatchObject({ asSold: 'tank-bred' });
    expect(sold(MEASURE, { source: 'wild', asSold: true })).toMatchObject({ asSold: 'wild' });
    expect(sold(MEASURE, { source: 'wild', asSold: false })).toMatchObject({ asSold: null });
    expect(sold(alike, { source: 'wild', asSold: true })).toMatchObject({ asSold: null });
  });
  it('is judged by the strictest of its groups, and as sold only where that one is', () => {
    const mixed = (wildAsSold: boolean) => ({
      ...living('one', { range: [10, 20] }),
      groups: [
        { rangeSource: 'tank-bred', asSold: true },
        { rangeSource: 'wild', asSold: wildAsSold },
      ],
    });
    const of = (wildAsSold: boolean) =>
      rule.judge!(context([mixed(wildAsSold) as unknown as PlannedSpecies], 23, null))[0];
    expect(of(false)).toMatchObject({ severity: 'stop', because: { range: 'wild' }, fact: { asSold: null } });
    expect(of(true)).toMatchObject({ fact: { asSold: 'wild' } });
  });
  it('proposes the middle of what all share, to the half', () => {
    const fixes = (value: number, shared: Span | null) => one(value, { range: [10, 20] }, shared)[0]?.fixes;
    expect(fixes(25, [12, 15.4])).toEqual([advise({ does: 'lower pH', ph: 13.5 }), leaveOut('one')]);
    expect(fixes(5, [12, 16])).toEqual([advise({ does: 'raise pH', ph: 14 }), leaveOut('one')]);
    expect(fixes(5, null)).toEqual([leaveOut('one')]);
  });
  it('proposes nothing that all do not share, however little that is', () =>
    expect(one(25, { range: [10, 20] }, [6.6, 6.9])[0]?.fixes[0]).toEqual(
      advise({ does: 'lower pH', ph: 6.8 }),
    ));
  it.each<[Rule, 'ph' | 'ghDh' | 'temperatureC', number, Span, Fix]>([
    [waterPh, 'ph', 8, [6, 7], advise({ does: 'lower pH', ph: 6.5 })],
    [waterPh, 'ph', 5, [6, 7], advise({ does: 'raise pH', ph: 6.5 })],
    [waterHardness, 'ghDh', 30, [5, 12], advise({ does: 'blend water', ghDh: 8.5 })],
    [
      waterTemperature,
      'temperatureC',
      31,
      [24, 27],
      { edit: { kind: 'set-temperature', temperatureC: 25.5 } },
    ],
  ])('proposes what the measure is changed by', (asked, name, value, range, fix) => {
    const species = { ...living('one', { range }), range: { [name]: range } };
    const said = asked.judge!({
      planned: [species],
      focus: null,
      water: { [name]: value, assumed: new Set() },
      shared: { [name]: range },
    } as unknown as RuleContext);
    expect(said[0]?.fixes).toEqual([fix, leaveOut('one')]);
  });
  it('of one that is asked about says nothing of the others', () => {
    const [a, b] = [living('a', { range: [10, 20] }), living('b', { range: [10, 20] })];
    const told = rule.judge!(context([a, b], 30, null, { focus: b }));
    expect(told.map(({ species }) => species)).toEqual([['b']]);
  });
});

describe('two species', () => {
  const two = (a: Living, b: Living, measure = MEASURE) =>
    waterRule(measure).together!(living('a', a), living('b', b), { month: '2026-01', pond: false });
  it('that no water suits are told whole', () =>
    expect(two({ range: [10, 20] }, { range: [22, 30] })).toMatchObject({
      severity: 'stop',
      species: ['a', 'b'],
      fact: {
        says: 'water/none for both',
        measure: 'ph',
        ranges: [
          [10, 20],
          [22, 30],
        ],
      },
      because: { gap: 2 },
      fixes: [leaveOut('a'), leaveOut('b')],
    }));
  it.each<[string, Span, Span, string | undefined]>([
    ['a little apart', [10, 20], [21, 30], 'caution'],
    ['more than a little', [10, 20], [21.1, 30], 'stop'],
    ['the other way round', [21.1, 30], [10, 20], 'stop'],
    ['with much in common', [10, 20], [12, 30], undefined],
  ])('%s', (_, a, b, severity) => expect(two({ range: a }, { range: b })?.severity).toBe(severity));
  it('a little apart are a stop where the measure forgives nothing', () =>
    expect(two({ range: [10, 20] }, { range: [20.1, 30] }, { ...MEASURE, gapLenient: 0 })?.severity).toBe(
      'stop',
    ));

  const opposites = (wildA: Span, wildB: Span, a: Span = [10, 20], b: Span = [19, 30], measure = MEASURE) =>
    two({ range: a, wild: wildA }, { range: b, wild: wildB }, measure);
  it('from opposite waters are told whole', () =>
    expect(opposites([10, 14], [20, 30])).toMatchObject({
      severity: 'stop',
      species: ['a', 'b'],
      fact: { says: 'water/opposite', measure: 'ph', shared: [19, 20] },
      because: { wildGap: 6, sharedWidth: 1 },
      fixes: [leaveOut('a'), leaveOut('b')],
    }));
  it.each<[string, Span, Span, Span, Span, boolean]>([
    ['the wild ranges just so far apart', [10, 14], [17, 30], [10, 20], [19, 30], true],
    ['the wild ranges nearer', [10, 14], [16.9, 30], [10, 20], [19, 30], false],
    ['more than a sliver in common', [10, 14], [20, 30], [10, 20], [18.9, 30], false],
    ['neighbours on one point', [10, 14], [20, 30], [10, 20], [20, 30], true],
    ['both beyond the height where it matters', [40, 44], [50, 60], [10, 20], [19, 30], false],
    ['the lower just within it', [20, 30], [50, 60], [10, 20], [19, 30], true],
  ])('from opposite waters: %s', (_, wildA, wildB, a, b, isTold) => {
    expect(opposites(wildA, wildB, a, b) !== null).toBe(isTold);
    expect(opposites(wildB, wildA, b, a) !== null).toBe(isTold);
  });
  it('from opposite waters, wherever they lie, where no height is named', () =>
    expect(
      opposites([40, 44], [50, 60], [10, 20], [19, 30], { ...MEASURE, opposite: { wildGap: 3, window: 1 } }),
    ).not.toBeNull());
  it('are no opposites where the measure knows none', () => {
    const { opposite: _none, ...plain } = MEASURE;
    expect(opposites([10, 14], [20, 30], [10, 20], [19, 30], plain)).toBeNull();
  });
});

describe('what all share', () => {
  const [a, b, c] = [
    living('a', { range: [10, 15] }),
    living('b', { range: [14, 30] }),
    living('c', { range: [5, 40] }),
  ];
  const judged = (
    shared: Span | null,
    value = shared?.[0] ?? 15,
    more: Parameters<typeof context>[3] = {},
    planned = [a, b, c],
  ) =>
    rule.judge!(context(planned, value, shared, { assumed: [], ...more })).filter(
      ({ fact }) => fact.says !== 'water/needs' && fact.says !== 'water/warm edge',
    );
  it('narrow, is told with those that make it so', () =>
    expect(judged([14, 15])).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['a', 'b'],
        fact: { says: 'water/narrow', measure: 'ph', range: [14, 15] },
        because: { lowest: 14, highest: 15 },
      }),
    ]));
  it('wide, is told when the tank is inside', () =>
    expect(judged([10, 15], 12)).toEqual([
      expect.objectContaining({
        severity: 'good',
        species: ['a', 'b', 'c'],
        fact: { says: 'water/suits all', measure: 'ph', tank: 12 },
        because: { lowest: 10, highest: 15, value: 12 },
      }),
    ]));
  it.each<[string, Span | null, number, readonly string[]]>([
    ['nothing', null, 15, []],
    ['a single point', [15, 15], 15, ['caution']],
    ['just wide enough', [13, 15], 14, ['good']],
    ['a hair too narrow', [13.1, 15], 14, ['note']],
    ['wide, the tank at its lowest', [12, 15], 12, ['good']],
    ['wide, the tank at its highest', [12, 15], 15, ['good']],
    ['wide, the tank below', [12, 15], 11.9, []],
    ['wide, the tank above', [12, 15], 15.1, []],
  ])('%s', (_, shared, value, severities) =>
    expect(judged(shared, value).map(({ severity }) => severity)).toEqual(severities),
  );
  it('is no praise where nobody measured', () =>
    expect(judged([12, 15], 13, { assumed: ['ph'] })).toEqual([]));
  it('needs two', () => expect(judged([15, 15], 15, {}, [a])).toEqual([]));
  it('of one that is asked about is told only where it leaves a single point', () => {
    const told = (shared: Span) => judged(shared, 15, { focus: a }).map(({ severity }) => severity);
    expect([told([15, 15]), told([14, 15]), told([10, 15])]).toEqual([['caution'], [], []]);
  });
});

describe('its printed tables', () => {
  const printed = (measure: WaterMeasure) =>
    waterRule(measure).severities.map(({ about, rows }) => [about, ...rows.map(({ when }) => when)]);
  it('name its limits', () =>
    expect(printed(MEASURE)).toEqual([
      [
        'The tank outside the range of a species',
        'by more than 2 units; above that of tank-bred fish by more than 4 units',
        'otherwise',
      ],
      ['Two ranges that miss each other', 'by more than 1 units', 'otherwise'],
      ['Wild ranges 3 units apart, and 1 units or less in common', 'otherwise'],
      ['At the very top of the range of a species', 'otherwise'],
      [
        'The range that all share',
        'a single point',
        'narrower than 2 units',
        'wider, and the tank is inside',
      ],
    ]));
  it('leave out what the measure does not know', () => {
    const { opposite: _o, topEdge: _t, aboveFarmed: _f, ...plain } = MEASURE;
    expect(printed({ ...plain, gapLenient: 0 })).toEqual([
      ['The tank outside the range of a species', 'by more than 2 units', 'otherwise'],
      ['Two ranges that miss each other', 'at all'],
      [
        'The range that all share',
        'a single point',
        'narrower than 2 units',
        'wider, and the tank is inside',
      ],
    ]);
  });
});
