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
