import dilution from '@/testing/fixtures/dilution.json';
import { steadyState } from './changeRoutine';

/** The slow, obvious way: change after change. */
function trace(fraction: number, made: number, tap: number, start: number, times: number): number[] {
  const levels = [start];
  for (let i = 0; i < times; i += 1) levels.push((levels[i]! + made) * (1 - fraction) + tap * fraction);
  return levels;
}

describe('steadyState', () => {
  it.each(
    dilution.cases
      .filter((one) => one.fraction > 0 && one.steady_state_before_change !== undefined)
      .map((one) => [one.name, one] as const),
  )('%s agrees with exact rational arithmetic', (_name, one) => {
    const steady = steadyState(
      { fraction: one.fraction, everyDays: 1 },
      one.production_before_each_change,
      one.source,
    );
    expect(steady.after).toBeCloseTo(one.steady_state_after_change!, 9);
    expect(steady.before).toBeCloseTo(one.steady_state_before_change!, 9);
  });

  it('is where change after change ends up', () => {
    const steady = steadyState({ fraction: 0.3, everyDays: 7 }, 2, 5);
    const levels = trace(0.3, 14, 5, 80, 200);
    expect(steady.after).toBeCloseTo(levels[levels.length - 1]!, 6);
  });

  it('F46, common practice: 20 mg/L a week with half changed weekly swings between tap + 20 and tap + 40', () => {
    expect(steadyState({ fraction: 0.5, everyDays: 7 }, 20 / 7, 5)).toEqual({
      after: expect.closeTo(25, 9),
      before: expect.closeTo(45, 9),
    });
  });
});
