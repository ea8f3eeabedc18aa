import fixture from '@/testing/fixtures/leastSquares.json';
import type { FilterLife } from '../events';
import { affordable, nitrateCourse, outlook, tankFactor } from './nitrateOutlook';
import { nitrateRate, type Rise, risesOf, waveEffect } from './nitrateRate';
import { probeReading, warmthAlarm } from './probe';
import { ripeness } from './ripening';

const HALF = { fraction: 0.5, everyDays: 7 };
const day = (n: number): string => new Date(Date.UTC(2027, 0, 1, 12) + n * 86_400_000).toISOString();
const rise = (riseMgL: number, days: number, from = 0): Rise => ({
  from: day(from),
  to: day(from + days),
  riseMgL,
  days,
});

describe('nitrate in the days to come', () => {
  it('rises to each change, falls with it, and rises on to the last day', () => {
    expect(nitrateCourse(10, 2, HALF, 4, 17)).toEqual([
      { day: 0, nitrateMgL: 10 },
      { day: 7, nitrateMgL: 24 },
      { day: 7, nitrateMgL: 14 },
      { day: 14, nitrateMgL: 28 },
      { day: 14, nitrateMgL: 16 },
      { day: 17, nitrateMgL: 22 },
    ]);
    expect(nitrateCourse(10, 2, HALF, 4, 14)).toHaveLength(5);
    expect(nitrateCourse(10, 2, HALF, 4, 3)).toEqual([
      { day: 0, nitrateMgL: 10 },
      { day: 3, nitrateMgL: 16 },
    ]);
  });
  it('settles, reaches the edge when changes stop, and says what share is enough', () => {
    // 14 made between changes; half changed: the peak is 4 + 28.
    expect(outlook(20, 2, HALF, 4)).toEqual({
      peakMgL: 32,
      missedDays: 10,
      leastFraction: 14 / 36,
      roomWeek: 6,
    });
    expect(outlook(20, 4, HALF, 12)).toMatchObject({ leastFraction: 1 });
    expect(outlook(20, 4.1, HALF, 12)).toMatchObject({ leastFraction: null });
    expect(outlook(20, 2, HALF, 40)).toMatchObject({ leastFraction: null });
    expect(outlook(20, 2, HALF, 41)).toMatchObject({ leastFraction: null });
    expect(outlook(20, -1, HALF, 4)).toMatchObject({ leastFraction: 0, missedDays: null });
    expect(outlook(40, 2, HALF, 4)).toMatchObject({ missedDays: 0 });
  });
  it('is affordable by budget and edge both, each on top of those before it', () => {
    const coming = [
      { key: 'a', addsWeek: 6 },
      { key: 'b', addsWeek: 1 },
    ];
    const both = affordable(coming, 2, HALF, 0);
    expect(both.map(({ key, now }) => [key, now])).toEqual([
      ['a', true],
      ['b', false],
    ]);
    expect(both[0]?.peakMgL).toBeCloseTo(40, 12);
    expect(both[1]?.addsWeek).toBe(1);
    expect(affordable([{ key: 'a', addsWeek: 6 }], 2, HALF, 4)[0]?.now).toBe(false);
    expect(affordable([{ key: 'a', addsWeek: 7 }], 2, { fraction: 0.9, everyDays: 7 }, 0)[0]?.now).toBe(
      false,
    );
  });
  it('goes by what the tank makes over what was predicted, where both can be of one tank', () => {
    const made = (perDay: number, rises = 2) => ({ perDay, low: 0, high: 9, rises, setAside: 0 });
    expect(tankFactor(made(3), 2)).toBe(1.5);
    expect([tankFactor(made(0.5), 2), tankFactor(made(8), 2)]).toEqual([0.25, 4]);
    expect([tankFactor(made(0.49), 2), tankFactor(made(8.1), 2)]).toEqual([null, null]);
    expect([
      tankFactor(null, 2),
      tankFactor(made(3, 1), 2),
      tankFactor(made(3), 0),
      tankFactor(made(3), -1),
    ]).toEqual([null, null, null, null]);
  });
});

describe('rises between tests', () => {
  const test = (n: number, nitrateMgL: number) => ({ kind: 'test' as const, on: day(n), nitrateMgL });
  const change = (n: number, fraction: number) => ({ kind: 'change' as const, on: day(n), fraction });
  it('count what the changes between leave, of nitrate and of days', () => {
    expect(risesOf([test(7, 20), test(0, 10), change(4, 0.5)], 6)).toEqual([
      { from: day(0), to: day(7), riseMgL: 20 - (10 * 0.5 + 3), days: 4 * 0.5 + 3 },
    ]);
    expect(risesOf([change(1, 0.5), test(2, 10), test(4, 12)], 0)).toEqual([rise(2, 2, 2)]);
  });
  it('say nothing within half a day, and something from there on', () => {
    expect(risesOf([test(0, 10), test(0.4, 12), test(3, 13)], 0).map(({ from }) => from)).toEqual([day(0.4)]);
    expect(risesOf([test(0, 10), test(0.5, 12)], 0)).toHaveLength(1);
  });
});

describe('the nitrate that a tank makes', () => {
  it(`is that of ${fixture.meta.made_with}`, () => {
    const rises = fixture.days.map((days, i) => rise(fixture.rise[i]!, days));
    const rate = nitrateRate(rises)!;
    expect(rate.perDay).toBeCloseTo(fixture.rate, 2);
    expect(rate.rises).toBe(7);
  });
  it('of two rises is plain least squares with a wide interval; of one it is open', () => {
    const two = nitrateRate([rise(2, 1), rise(8, 2)])!;
    // xy / xx = 18 / 5; what is left over one degree, and Student 12.706.
    expect(two.perDay).toBeCloseTo(3.6, 12);
    expect(two.high - two.perDay).toBeCloseTo(12.7062047 * Math.sqrt(3.2 / 5), 5);
    expect(two.perDay - two.low).toBeCloseTo(two.high - two.perDay, 12);
    expect(nitrateRate([rise(6, 2)])).toEqual({
      perDay: 3,
      low: -Infinity,
      high: Infinity,
      rises: 1,
      setAside: 0,
    });
    expect(nitrateRate([])).toBeNull();
  });
  it('is not carried away by one misread strip, which is set aside', () => {
    const good = [2, 3, 4, 5, 6, 7].map((days, i) => rise(days * 2 + (i % 2 === 0 ? 0.1 : -0.1), days));
    const clean = nitrateRate(good)!;
    const odd = nitrateRate([...good, rise(60, 5)])!;
    expect(Math.abs(odd.perDay - clean.perDay)).toBeLessThan(0.1);
    expect(odd.setAside).toBe(1);
    expect(clean.setAside).toBe(0);
    expect(nitrateRate([rise(4, 2), rise(6, 3), rise(8, 4)])).toEqual({
      perDay: 2,
      low: 2,
      high: 2,
      rises: 3,
      setAside: 0,
    });
  });
  it('before and after a wave differ by what the wave did', () => {
    const before = [rise(2, 2, 0), rise(4, 4, 2)];
    const after = [rise(6, 2, 6), rise(12, 4, 8)];
    expect(waveEffect([...before, ...after], day(6))).toEqual({ perDay: 2, low: 2, high: 2 });
    expect(waveEffect([...before, after[0]!], day(6))).toBeNull();
    expect(waveEffect([before[0]!, ...after], day(6))).toBeNull();
    expect(waveEffect(before, day(6))).toBeNull();
    const wide = waveEffect([rise(2, 1, 0), rise(8, 2, 2), rise(4, 1, 6), rise(16, 2, 8)], day(6))!;
    const [b, a] = [nitrateRate([rise(2, 1), rise(8, 2)])!, nitrateRate([rise(4, 1), rise(16, 2)])!];
    expect(wide.perDay).toBeCloseTo(a.perDay - b.perDay, 12);
    expect(wide.high - wide.perDay).toBeCloseTo(Math.hypot(a.high - a.perDay, b.high - b.perDay), 9);
    expect(wide.perDay - wide.low).toBeCloseTo(wide.high - wide.perDay, 9);
  });
});

describe('how far a filter is', () => {
  const filter = (more: Partial<FilterLife>): FilterLife => ({
    startedOn: null,
    seededOn: null,
    dosedOn: null,
    ripeOn: null,
    downOn: null,
    ...more,
  });
  const today = '2027-03-01';
  it.each<[string, Partial<FilterLife>, string | null, object]>([
    ['nobody knows', {}, null, { state: 'nothing known', expected: null }],
    ['ripe', { ripeOn: '2027-02-01', downOn: '2027-02-02' }, null, { state: 'ripe', expected: null }],
    [
      'down',
      { startedOn: '2027-02-01', downOn: '2027-02-02' },
      '2020-01-01',
      { state: 'down', expected: null },
    ],
    [
      'bare: five weeks from the start',
      { startedOn: '2027-02-15' },
      null,
      { state: 'ripening', expected: '2027-03-22' },
    ],
    [
      'seeded: two weeks',
      { startedOn: '2027-02-01', seededOn: '2027-02-20' },
      null,
      { state: 'ripening', expected: '2027-03-06' },
    ],
    [
      'dosed',
      { startedOn: '2027-02-15', dosedOn: '2027-02-16' },
      null,
      { state: 'proving', expected: '2027-03-22' },
    ],
    ['overdue: today', { startedOn: '2026-12-01' }, null, { state: 'ripening', expected: today }],
    [
      'lived in for five weeks',
      { startedOn: '2027-02-15' },
      '2027-01-25',
      { state: 'lived-in', expected: null },
    ],
    [
      'lived in for a day less',
      { startedOn: '2027-02-15' },
      '2027-01-26',
      { state: 'ripening', expected: '2027-03-22' },
    ],
  ])('%s', (_name, more, since, expected) => expect(ripeness(filter(more), since, today)).toEqual(expected));
});

describe('the made-up probe', () => {
  const setting = { temperatureC: 25, ph: 7, tdsPpm: 200, roomC: 20, heaterFailsAt: null };
  it('swings by day and drifts', () => {
    expect(probeReading(setting, 0)).toEqual({ minute: 0, temperatureC: 25, ph: 7, tdsPpm: 200 });
    expect(probeReading(setting, 360)).toMatchObject({ temperatureC: 25.15 });
    expect(probeReading(setting, 1080)).toMatchObject({ temperatureC: 24.85 });
    expect(probeReading(setting, 1440)).toEqual({ minute: 1440, temperatureC: 25, ph: 7.03, tdsPpm: 202 });
  });
  it('cools by half toward the room in eight hours without its heater', () => {
    expect(probeReading({ ...setting, heaterFailsAt: 240 }, 720).temperatureC).toBe(22.5);
    expect(probeReading({ ...setting, heaterFailsAt: 960 }, 720).temperatureC).toBe(25);
  });
  const at = (minute: number, temperatureC: number) => ({ minute, temperatureC, ph: 7, tdsPpm: 200 });
  it('warns of more than two degrees off, or half a degree an hour', () => {
    expect(warmthAlarm([], 25)).toBeNull();
    expect(warmthAlarm([at(0, 23)], 25)).toBeNull();
    expect(warmthAlarm([at(0, 22.9)], 25)).toEqual({ says: 'off', temperatureC: 22.9, targetC: 25 });
    expect(warmthAlarm([at(0, 27.1)], 25)).toMatchObject({ says: 'off' });
    expect(warmthAlarm([at(0, 25), at(60, 24.5)], 25)).toBeNull();
    expect(warmthAlarm([at(0, 25), at(60, 24.4)], 25)).toEqual({ says: 'falling', fromC: 25, toC: 24.4 });
    expect(warmthAlarm([at(1, 25), at(60, 24.4)], 25)).toBeNull();
    expect(warmthAlarm([at(0, 26), at(30, 24.5), at(90, 24.3)], 25)).toBeNull();
  });
});
