import fc from 'fast-check';
import { catalogue } from '@/testing/plans';
import { addDays, daysBetween } from '../kernel/time/days';
import {
  DRYING_DAYS,
  WAVE_GAP_DAYS,
  inOrder,
  judgeWaves,
  pairOf,
  planWaves,
  type Lane,
  type ToCome,
  type Wave,
  type WaveRules,
} from './waves';

const kind = (id: string, more: Partial<ToCome> = {}): ToCome => ({
  key: id,
  profile: catalogue.byId.get(id)!,
  count: 6,
  loadMgLWeek: 2,
  favourite: false,
  ...more,
});
const rules: WaveRules = {
  today: '2026-03-01',
  approach: 'gentlest first',
  quarantineDays: 28,
  readyOn: '2026-03-01',
  presentMgLWeek: 4,
};
const lane = (id: string, freeFrom = '2026-01-01', litres = 60): Lane => ({ id, name: id, litres, freeFrom });
const KINDS = [
  'otocinclus-vittatus',
  'paracheirodon-innesi',
  'trigonostigma-heteromorpha',
  'puntigrus-tetrazona',
  'thorichthys-meeki',
  'maylandia-lombardoi',
  'parachromis-managuensis',
  'danio-rerio',
];

describe('planWaves', () => {
  it('F96, common practice: gentle and shy species first, the roughest last, two weeks apart or more', () => {
    const waves = planWaves(
      [
        kind('maylandia-lombardoi'),
        kind('paracheirodon-innesi', { loadMgLWeek: 3 }),
        kind('thorichthys-meeki'),
      ],
      [lane('Quay')],
      rules,
    );
    expect(waves.map((wave) => wave.keys)).toEqual([
      ['paracheirodon-innesi'],
      ['thorichthys-meeki'],
      ['maylandia-lombardoi'],
    ]);
    expect(waves[0]).toEqual({
      keys: ['paracheirodon-innesi'],
      lane: 'Quay',
      arrives: '2026-03-01',
      releases: '2026-03-29',
    });
    // The one tank dries for a week between batches (F97).
    expect(waves[1]!.arrives).toBe('2026-04-05');
  });
  it('lets two lanes work side by side', () => {
    const waves = planWaves(
      [kind('thorichthys-meeki'), kind('maylandia-lombardoi')],
      [lane('A'), lane('B')],
      rules,
    );
    expect(daysBetween(waves[0]!.releases, waves[1]!.releases)).toBe(WAVE_GAP_DAYS);
    expect(new Set(waves.map((wave) => wave.lane)).size).toBe(2);
  });
  it('puts what is wanted most first by the other approach', () => {
    const list = [kind('paracheirodon-innesi'), kind('maylandia-lombardoi', { favourite: true })];
    expect(inOrder(list, 'favourite first')[0]!.key).toBe('maylandia-lombardoi');
    expect(inOrder(list, 'gentlest first')[0]!.key).toBe('paracheirodon-innesi');
  });
  it('does not let two wait in one tank of which one would harm the other', () => {
    const list = [kind('danio-rerio', { loadMgLWeek: 1 }), kind('paracheirodon-innesi', { loadMgLWeek: 1 })];
    expect(planWaves(list, [lane('Quay')], rules)).toHaveLength(1);
    const apart = new Set([pairOf('paracheirodon-innesi', 'danio-rerio')]);
    expect(planWaves(list, [lane('Quay')], { ...rules, apart })).toHaveLength(2);
    const together = planWaves(list, [lane('Quay')], rules);
    expect(judgeWaves(together, list, [lane('Quay')], { ...rules, apart })[0]!.fact).toEqual({
      says: 'apart',
      keys: ['paracheirodon-innesi', 'danio-rerio'],
    });
  });
  it('waits for the display to be ready, and does without quarantine when there is none', () => {
    const [late] = planWaves([kind('danio-rerio')], [lane('Quay')], { ...rules, readyOn: '2026-05-01' });
    expect(late!.releases).toBe('2026-05-01');
    expect(planWaves([kind('danio-rerio')], [], rules)[0]).toMatchObject({
      lane: null,
      releases: '2026-03-01',
    });
  });

  it('keeps order, gaps, lanes and readiness for any list (property)', () => {
    const anyList = fc
      .uniqueArray(fc.constantFrom(...KINDS), { minLength: 1 })
      .chain((ids) =>
        fc.tuple(
          ...ids.map((id) =>
            fc
              .record({ loadMgLWeek: fc.double({ min: 0.1, max: 9, noNaN: true }), favourite: fc.boolean() })
              .map((more) => kind(id, more)),
          ),
        ),
      );
    fc.assert(
      fc.property(
        anyList,
        fc.integer({ min: 0, max: 3 }),
        fc.integer({ min: 0, max: 90 }),
        fc.integer({ min: 0, max: 60 }),
        fc.constantFrom('gentlest first' as const, 'favourite first' as const),
        (list, lanes, ready, busy, approach) => {
          const rack = Array.from({ length: lanes }, (_, i) =>
            lane(`L${i}`, addDays('2026-03-01', i * busy), 400),
          );
          const asked = { ...rules, approach, readyOn: addDays('2026-03-01', ready) };
          const waves = planWaves(list, rack, asked);
          expect(waves.flatMap((wave) => wave.keys).sort()).toEqual(list.map((one) => one.key).sort());
          waves.forEach((wave, i) => {
            expect(wave.releases >= asked.readyOn).toBe(true);
            expect(wave.arrives >= asked.today).toBe(true);
            if (i > 0)
              expect(daysBetween(waves[i - 1]!.releases, wave.releases)).toBeGreaterThanOrEqual(
                WAVE_GAP_DAYS,
              );
            for (const other of waves.slice(0, i))
              if (other.lane !== null && other.lane === wave.lane)
                expect(wave.arrives >= addDays(other.releases, DRYING_DAYS)).toBe(true);
          });
          const unwise = judgeWaves(waves, list, rack, asked).map((one) => one.fact.says);
          expect(unwise.filter((says) => says !== 'no quarantine')).toEqual([]);
        },
      ),
      { numRuns: 120 },
    );
  });
});

describe('judgeWaves', () => {
  const list = [
    kind('paracheirodon-innesi', { loadMgLWeek: 1 }),
    kind('maylandia-lombardoi', { count: 1, loadMgLWeek: 1 }),
  ];
  const wave = (key: string, arrives: string, releases: string, on: string | null = 'Quay'): Wave => ({
    keys: [key],
    lane: on,
    arrives,
    releases,
  });
  const said = (waves: readonly Wave[], more: Partial<WaveRules> = {}) =>
    judgeWaves(waves, list, [lane('Quay', '2026-02-01')], { ...rules, ...more })
      .map((one) => `${one.wave}: ${one.fact.says}`)
      .join('\n');
  const neon = wave('paracheirodon-innesi', '2026-03-01', '2026-03-29');
  it('says why a move is unwise, and at which wave', () => {
    expect(said([neon, wave('maylandia-lombardoi', '2026-04-10', '2026-05-08')])).toBe('1: alone');
    expect(said([neon, wave('maylandia-lombardoi', '2026-03-08', '2026-04-05')])).toMatch(/1: too soon/);
    expect(said([neon, wave('maylandia-lombardoi', '2026-03-08', '2026-04-05')])).toMatch(/1: two batches/);
    expect(said([neon, wave('maylandia-lombardoi', '2026-02-01', '2026-03-05')])).toMatch(
      /0: peaceful first/,
    );
    expect(said([wave('paracheirodon-innesi', '2026-03-01', '2026-03-11')])).toMatch(/short quarantine/);
    expect(said([wave('paracheirodon-innesi', '2026-03-01', '2026-03-01', null)])).toMatch(/no quarantine/);
    expect(said([neon], { readyOn: '2026-06-01' })).toMatch(/not ready/);
  });
});

describe('a settled rough tank', () => {
  it('F93, common practice: is better left alone, and said to be', () => {
    const waves = planWaves([kind('danio-rerio')], [lane('Quay')], rules);
    const said = (settledDays: number) =>
      judgeWaves(waves, [kind('danio-rerio')], [lane('Quay')], { ...rules, settledDays }).map(
        (one) => one.fact,
      );
    expect(said(20)).toEqual([]);
    expect(said(200)).toEqual([{ says: 'settled tank', days: 200 }]);
  });
});

describe('batches and tanks', () => {
  const neon = (more: Partial<ToCome> = {}) => kind('paracheirodon-innesi', { loadMgLWeek: 1, ...more });
  const danio = (more: Partial<ToCome> = {}) => kind('danio-rerio', { loadMgLWeek: 1, ...more });
  const rasbora = (more: Partial<ToCome> = {}) =>
    kind('trigonostigma-heteromorpha', { loadMgLWeek: 1, ...more });
  const keysOf = (...asked: Parameters<typeof planWaves>) =>
    planWaves(...asked).map(({ keys }) => [...keys].sort());

  it('name a pair the same, whoever comes first', () => {
    expect(pairOf('b', 'a')).toBe('a|b');
    expect(pairOf('a', 'b')).toBe('a|b');
  });
  it('come in one order: by temper, then what is wanted, then the shy, then by name', () => {
    const wanted = kind('trigonostigma-heteromorpha', { favourite: true });
    const same = [kind('z', { profile: neon().profile }), kind('a', { profile: neon().profile })];
    const keys = (approach: WaveRules['approach'], ...list: readonly ToCome[]) =>
      inOrder(list, approach).map(({ key }) => key);
    expect(keys('gentlest first', ...same)).toEqual(['a', 'z']);
    expect(keys('gentlest first', ...[...same].reverse())).toEqual(['a', 'z']);
    // The neon tetra is shyer than the zebra danio.
    expect(keys('gentlest first', danio(), neon())).toEqual(['paracheirodon-innesi', 'danio-rerio']);
    expect(keys('gentlest first', neon(), wanted)[0]).toBe(wanted.key);
    expect(keys('favourite first', neon(), wanted, danio())).toEqual([
      wanted.key,
      'paracheirodon-innesi',
      'danio-rerio',
    ]);
  });
  it('are as large as the filter can follow: a third of all, or what is there already', () => {
    const three = [neon({ loadMgLWeek: 4 }), danio({ loadMgLWeek: 4 }), rasbora({ loadMgLWeek: 4 })];
    const sizes = (presentMgLWeek: number) =>
      keysOf(three, [lane('Q')], { ...rules, presentMgLWeek }).map(({ length }) => length);
    // All and what is there make 18: two of them are more than a third of it, and more than what is there, until the first has come.
    expect(sizes(6)).toEqual([1, 2]);
    expect(sizes(8)).toEqual([2, 1]);
    expect(sizes(12)).toEqual([3]);
    // A third of 24 is 8, and more than what is there.
    expect(
      keysOf([neon({ loadMgLWeek: 20 }), ...three.slice(1)], [lane('Q')], { ...rules, presentMgLWeek: 0 }),
    ).toHaveLength(2);
    // What has come counts as there: the second batch may be larger than the first.
    const more = [neon({ loadMgLWeek: 3 }), danio({ loadMgLWeek: 1.5 }), rasbora({ loadMgLWeek: 1.5 })];
    expect(keysOf(more, [lane('Q')], { ...rules, presentMgLWeek: 0 })).toHaveLength(2);
  });
  it('are as large as the largest tank holds, where there is a quarantine', () => {
    // 0.6 L for each cm as sold: six neon tetras of 1.5 cm take 5.4 L, six zebra danios of 2.3 cm 8.28 L.
    const list = [neon(), danio()];
    expect(keysOf(list, [lane('Q', '2026-01-01', 13.7)], rules)).toHaveLength(1);
    expect(keysOf(list, [lane('Q', '2026-01-01', 13.6)], rules)).toHaveLength(2);
    expect(keysOf(list, [lane('Q', '2026-01-01', 13.6)], { ...rules, quarantineDays: 0 })).toHaveLength(1);
  });
  it('wait in a tank that holds them, the one that lets them out soonest, the first by name of two alike', () => {
    const laneOf = (...lanes: readonly Lane[]) => planWaves([danio()], lanes, rules)[0]!.lane;
    expect(laneOf(lane('small', '2026-01-01', 8), lane('large', '2026-03-20', 9))).toBe('large');
    expect(laneOf(lane('exact', '2026-01-01', 8.28), lane('large', '2026-01-01', 90))).toBe('exact');
    expect(laneOf(lane('b'), lane('a'))).toBe('a');
    expect(laneOf(lane('a', '2026-03-09'), lane('b', '2026-03-05'), lane('c', '2026-03-07'))).toBe('b');
    // Where none holds them all, the soonest is better than none.
    expect(laneOf(lane('small', '2026-03-20', 2), lane('tiny', '2026-01-01', 1))).toBe('tiny');
  });
  it('go straight in, two weeks apart, without quarantine', () => {
    const list = [neon(), kind('maylandia-lombardoi')];
    for (const [lanes, days] of [
      [[], 28],
      [[lane('Q')], 0],
    ] as const)
      expect(planWaves(list, lanes, { ...rules, quarantineDays: days })).toEqual([
        { keys: ['paracheirodon-innesi'], lane: null, arrives: '2026-03-01', releases: '2026-03-01' },
        { keys: ['maylandia-lombardoi'], lane: null, arrives: '2026-03-15', releases: '2026-03-15' },
      ]);
  });

  describe('as they stand', () => {
    const wave = (
      keys: readonly string[],
      arrives: string,
      releases: string,
      on: string | null = 'Q',
    ): Wave => ({
      keys,
      lane: on,
      arrives,
      releases,
    });
    const told = (
      waves: readonly Wave[],
      list: readonly ToCome[],
      lanes: readonly Lane[],
      more: Partial<WaveRules> = {},
    ) => judgeWaves(waves, list, lanes, { ...rules, ...more }).map(({ wave: at, fact }) => ({ at, ...fact }));
    const both = ['paracheirodon-innesi', 'danio-rerio'];

    it('are too many together when they make more than a third of all and more than is there', () => {
      const list = [neon({ loadMgLWeek: 3 }), danio({ loadMgLWeek: 3 })];
      const one = [wave(both, '2026-03-01', '2026-03-29')];
      expect(told(one, list, [lane('Q')])).toEqual([{ at: 0, says: 'too many' }]);
      expect(told(one, list, [lane('Q')], { presentMgLWeek: 6 })).toEqual([]);
      // A species comes whole, however much it makes.
      expect(
        told([wave(both.slice(0, 1), '2026-03-01', '2026-03-29')], [neon({ loadMgLWeek: 90 })], [lane('Q')]),
      ).toEqual([]);
    });
    it('must fit their tank, and not come before it is free, nor in the past', () => {
      const one = [wave(both.slice(1), '2026-03-01', '2026-03-29')];
      expect(told(one, [danio()], [lane('Q', '2026-03-02')])).toEqual([
        { at: 0, says: 'in use', lane: 'Q', until: '2026-03-02' },
      ]);
      expect(told(one, [danio()], [lane('Q', '2026-03-01', 8)])).toEqual([
        { at: 0, says: 'lane too small', lane: 'Q' },
      ]);
      expect(told(one, [danio()], [lane('other'), lane('Q', '2026-03-01', 8.28)])).toEqual([]);
      expect(told(one, [danio()], [lane('Q')], { today: '2026-03-02' })).toEqual([
        { at: 0, says: 'in the past' },
      ]);
    });
    it('share no tank within the week in which it dries, whichever comes first', () => {
      const list = [neon(), danio()];
      const first = wave(both.slice(0, 1), '2026-03-01', '2026-03-29');
      const at = (day: string) => wave(both.slice(1), day, addDays(day, 28));
      const clash = [{ at: 1, says: 'two batches', lane: 'Q' }];
      expect(told([first, at('2026-04-05')], list, [lane('Q')])).toEqual([]);
      expect(
        told([first, at('2026-04-04')], list, [lane('Q')]).filter(({ says }) => says !== 'too soon'),
      ).toEqual(clash);
      expect(told([at('2026-04-05'), first], list, [lane('Q')])).toEqual([]);
      expect(told([at('2026-04-04'), first], list, [lane('Q')])).toEqual([{ ...clash[0] }]);
      const elsewhere = { ...at('2026-04-04'), lane: 'R' };
      expect(told([first, elsewhere], list, [lane('Q'), lane('R')])).toEqual([]);
      // A tank that is gone from the room has no name.
      expect(told([first, at('2026-04-04')], list, [])).toEqual([{ ...clash[0], lane: '' }]);
    });
    it('ask no quarantine where none is wanted', () =>
      expect(
        told([wave(both.slice(1), '2026-03-01', '2026-03-01', null)], [danio()], [], { quarantineDays: 0 }),
      ).toEqual([]));
    it('are alone when one rough fish comes to others, not to an empty tank', () => {
      const rough = kind('maylandia-lombardoi', { count: 1, loadMgLWeek: 1 });
      const one = [wave([rough.key], '2026-03-01', '2026-03-29')];
      expect(told(one, [rough], [lane('Q')], { presentMgLWeek: 0 })).toEqual([]);
      expect(told(one, [rough], [lane('Q')])).toEqual([{ at: 0, says: 'alone' }]);
      expect(told(one, [{ ...rough, count: 3 }], [lane('Q')])).toEqual([]);
    });
    it('are better left out of a tank that has settled for sixty days', () => {
      const one = [wave(both.slice(1), '2026-03-01', '2026-03-29')];
      expect(told(one, [danio()], [lane('Q')], { settledDays: 59 })).toEqual([]);
      expect(told(one, [danio()], [lane('Q')], { settledDays: 60 })).toEqual([
        { at: 0, says: 'settled tank', days: 60 },
      ]);
    });
  });
});
