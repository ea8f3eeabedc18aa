import fixture from '@/testing/fixtures/leastSquares.json';
import { studentQuantile } from '../stats/quantiles';
import type { Dated } from '../events/events';
import { NEW_TANK_LIFE } from '../events/room';
import { affordable, nitrateCourse, outlook, tankFactor } from './nitrateOutlook';
import { nitrateRate, risesOf, waveEffect, type WaterMark } from './nitrateRate';
import { afterStep, afterTest } from '../events/filterLife';
import { ripeness } from './ripening';

const day = (n: number, hour = 12): string => new Date(Date.UTC(2026, 0, 1 + n, hour)).toISOString();
const test = (n: number, nitrateMgL: number, hour = 12): WaterMark => ({
  kind: 'test',
  on: day(n, hour),
  nitrateMgL,
});
const change = (n: number, fraction: number, hour = 12): WaterMark => ({
  kind: 'change',
  on: day(n, hour),
  fraction,
});
const rise = (riseMgL: number, days: number, from = '', to = '') => ({ riseMgL, days, from, to });

describe('Student t', () => {
  it.each(fixture.t as [number, number, number][])('quantile %d with %d degrees', (p, degrees, value) =>
    expect(studentQuantile(p, degrees)).toBeCloseTo(value, 6),
  );
});

describe('the nitrate that a tank makes', () => {
  const fitted = nitrateRate(fixture.days.map((days, i) => rise(fixture.rise[i]!, days)))!;
  it('is the least squares fit of the reference where no test is far off, with its interval', () => {
    expect(fitted.perDay).toBeCloseTo(fixture.rate, 9);
    expect(fitted.low).toBeCloseTo(fixture.low, 6);
    expect(fitted.high).toBeCloseTo(fixture.high, 6);
    expect(fitted.setAside).toBe(0);
  });
  it('is not carried away by one misread strip, which it sets aside', () => {
    const rises = fixture.days.map((days, i) => rise(fixture.rise[i]!, days));
    const spoilt = nitrateRate([...rises, rise(80, 7)])!;
    expect(Math.abs(spoilt.perDay - fixture.rate)).toBeLessThan(0.25);
    expect(spoilt.setAside).toBe(1);
  });
  it('comes out exactly when it is constant, whatever is changed between the tests', () => {
    // 3 mg/L a day, tap 5: worked forward by hand, day by day.
    let level = 10;
    const marks: WaterMark[] = [test(0, level)];
    for (let n = 1; n <= 30; n += 1) {
      level += 3;
      if (n % 7 === 0) {
        level = level * 0.6 + 5 * 0.4;
        marks.push(change(n, 0.4));
      }
      if (n % 5 === 0) marks.push(test(n, level, 13));
    }
    // Tests stand an hour after noon: an eighth of a milligram more by then.
    const corrected = marks.map((mark) =>
      mark.kind === 'test' && mark.on !== day(0) ? { ...mark, nitrateMgL: mark.nitrateMgL + 3 / 24 } : mark,
    );
    for (const one of risesOf(corrected, 5)) expect(one.riseMgL / one.days).toBeCloseTo(3, 6);
    expect(nitrateRate(risesOf(corrected, 5))!.perDay).toBeCloseTo(3, 6);
  });
  it('does not mind the order in which tests were written down', () => {
    const marks = [test(0, 10), change(3, 0.5), test(7, 20), test(10, 26)];
    expect(risesOf([...marks].reverse(), 0)).toEqual(risesOf(marks, 0));
  });
  it('says nothing from one test, and has no limits from one rise', () => {
    expect(nitrateRate(risesOf([test(0, 10)], 0))).toBeNull();
    expect(nitrateRate(risesOf([test(0, 10), test(7, 24)], 0))).toMatchObject({ perDay: 2, high: Infinity });
  });
  it('tells what a wave added, with an interval that covers it', () => {
    const marks = [0, 1, 2, 3, 4, 5, 6, 7, 8].map((i) =>
      test(i * 4, i <= 4 ? i * 8 + (i % 2) : 32 + (i - 4) * 14 + (i % 2)),
    );
    const effect = waveEffect(risesOf(marks, 0), day(16))!;
    expect(effect.perDay).toBeCloseTo(1.5, 0);
    expect(effect.low).toBeLessThan(1.5);
    expect(effect.high).toBeGreaterThan(1.5);
    expect(waveEffect(risesOf(marks, 0), day(30))).toBeNull();
  });
});

describe('the outlook', () => {
  const weekly = { fraction: 0.5, everyDays: 7 };
  it('F46, common practice: 20 mg/L a week with half changed weekly swings between tap + 20 and tap + 40', () => {
    const course = nitrateCourse(25, 20 / 7, weekly, 5, 70);
    expect(course.at(-1)!.nitrateMgL).toBeCloseTo(25, 0);
    expect(course.at(-2)!.nitrateMgL).toBeCloseTo(45, 0);
    expect(outlook(25, 20 / 7, weekly, 5).peakMgL).toBeCloseTo(45, 9);
  });
  it('gives the least work that holds the edge, and that holds it', () => {
    const { leastFraction } = outlook(10, 3, weekly, 4);
    expect(outlook(10, 3, { ...weekly, fraction: leastFraction! }, 4).peakMgL).toBeCloseTo(40, 9);
    expect(outlook(10, 9, weekly, 4).leastFraction).toBeNull();
    expect(outlook(10, 0, weekly, 4)).toMatchObject({ leastFraction: 0, missedDays: null });
  });
  it('says when missed changes reach the edge, and what the budget still takes', () => {
    expect(outlook(20, 2, weekly, 0).missedDays).toBe(10);
    expect(outlook(20, 2, weekly, 0).roomWeek).toBe(6);
  });
  it('does not believe a factor that no tank has', () => {
    const rate = (perDay: number) => ({ perDay, low: 0, high: 0, rises: 5, setAside: 0 });
    expect(tankFactor(rate(2), 2.5)).toBeCloseTo(0.8, 9);
    expect(tankFactor(rate(30), 2)).toBeNull();
    expect(tankFactor({ ...rate(2), rises: 1 }, 2)).toBeNull();
  });
});

describe('ripening (F100, common practice)', () => {
  const step = (what: 'started' | 'seeded' | 'dosed' | 'torn down', n: number, doseMgL?: number) =>
    ({ type: 'filter', tank: 't', what, on: day(n), note: '', doseMgL }) as Extract<
      Dated,
      { type: 'filter' }
    >;
  const tested = (n: number, ammoniaMgL: number, nitriteMgL: number, hour = 12) =>
    ({ type: 'tested', tank: 't', on: day(n, hour), ammoniaMgL, nitriteMgL, note: '' }) as Extract<
      Dated,
      { type: 'tested' }
    >;
  const { filter } = NEW_TANK_LIFE;
  it('is proven only by a dose that is gone within a day', () => {
    const dosed = afterStep(afterStep(filter, step('started', 0)), step('dosed', 30, 2));
    expect(afterTest(dosed, tested(31, 0, 0)).ripeOn).toBe(day(31));
    expect(afterTest(dosed, tested(31, 0, 1)).ripeOn).toBeNull();
    expect(afterTest(dosed, tested(31, 0.5, 0)).ripeOn).toBeNull();
    expect(afterTest(dosed, tested(34, 0, 0)).ripeOn).toBeNull();
    expect(afterTest(filter, tested(31, 0, 0)).ripeOn).toBeNull();
    expect(afterTest(afterStep(filter, step('dosed', 30, 0.2)), tested(31, 0, 0)).ripeOn).toBeNull();
  });
  it('expects weeks, fewer when it is seeded, and forgets all when it is torn down', () => {
    const bare = afterStep(filter, step('started', 0));
    expect(ripeness(bare, null, '2026-01-05')).toEqual({ state: 'ripening', expected: '2026-02-05' });
    expect(ripeness(afterStep(bare, step('seeded', 2)), null, '2026-01-05').expected).toBe('2026-01-17');
    const ripe = { ...bare, ripeOn: day(30) };
    expect(ripeness(ripe, null, '2026-02-05').state).toBe('ripe');
    expect(ripeness(afterStep(ripe, step('torn down', 40)), null, '2026-02-15').state).toBe('down');
    expect(ripeness(filter, '2025-06-01', '2026-01-05').state).toBe('lived-in');
    expect(ripeness(filter, null, '2026-01-05').state).toBe('nothing known');
  });
});

describe('when the next wave can be afforded', () => {
  const routine = { fraction: 0.5, everyDays: 7 };
  it('adds one species after the other, and says what the routine has to be then', () => {
    const told = affordable(
      [
        { key: 'a', addsWeek: 5 },
        { key: 'b', addsWeek: 10 },
        { key: 'c', addsWeek: 40 },
      ],
      10 / 7,
      routine,
      0,
    );
    // Half changed weekly: the peak settles at twice what a week makes.
    expect(told.map((one) => Math.round(one.peakMgL))).toEqual([30, 50, 130]);
    expect(told.map((one) => one.now)).toEqual([true, false, false]);
    expect(told[1]!.leastFraction).toBeCloseTo(25 / 40, 10);
    expect(told[2]!.leastFraction).toBeNull();
  });
});
