import { judge, plan, TANKS } from '@/testing/plans';
import { daysUntil } from '../water/changeRoutine';
import { stockingReport } from './stockingReport';

const file = plan(
  { ...TANKS.us75, plants: 'some' },
  [
    { species: 'pterophyllum-scalare', count: 6 },
    { species: 'corydoras-sterbai', count: 8 },
    { species: 'neocaridina-davidi', count: 10 },
  ],
  { water: { temperatureC: 26, nitrateTapMgL: 5 }, routine: { changeFraction: 0.3, everyDays: 7 } },
);
const answer = judge(file);
const report = stockingReport(answer);

describe('stockingReport', () => {
  it('adds up to what the verdict goes by', () => {
    const made = report.lines.reduce((sum, line) => sum + line.nitrateMgLWeek, 0);
    expect(made * (1 - report.plantShare)).toBeCloseTo(answer.context.load.nitrateMgLWeek, 8);
    expect(report.lines.reduce((sum, line) => sum + line.massG, 0)).toBeCloseTo(answer.context.load.massG, 8);
    expect(report.approaches.length.cm / report.approaches.length.allowsCm).toBeCloseTo(
      answer.context.load.lengthRule,
      8,
    );
    expect(report.approaches.surface.cm / report.approaches.surface.allowsCm).toBeCloseTo(
      answer.context.load.surfaceRule,
      8,
    );
  });
  it('compares the tank’s own routine with the two that keepers compare', () => {
    expect(report.outlooks.map((each) => [each.routine.fraction, each.routine.everyDays])).toEqual([
      [0.3, 7],
      [0.5, 7],
      [0.25, 3],
    ]);
    for (const { routine, before, after } of report.outlooks) {
      // A change takes the peak to the trough: before (1 - f) + tap f = after (mass balance).
      expect(before * (1 - routine.fraction) + 5 * routine.fraction).toBeCloseTo(after, 9);
    }
  });
  it('F46, common practice: half a week and 20 made a week swing between tap + 20 and tap + 40', () => {
    const half = report.outlooks[1]!;
    const made = report.approaches.nitrate.mgLWeek;
    expect(half.after).toBeCloseTo(5 + made, 9);
    expect(half.before).toBeCloseTo(5 + 2 * made, 9);
  });
  it('says how many weeks are left when changes stop', () => {
    expect(daysUntil(40, 20, 2)).toBe(10);
    expect(daysUntil(40, 45, 2)).toBe(0);
    expect(daysUntil(40, 20, 0)).toBeNull();
    expect(report.outlooks.every((each) => each.weeksToLimit !== null && each.weeksToLimit >= 0)).toBe(true);
  });
});
