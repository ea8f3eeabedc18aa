import { judge, plan, TANKS } from '@/testing/plans';
import { daysUntil } from '../water/changeRoutine';
import { COMPARED, stockingReport } from './stockingReport';

const file = plan(
  { ...TANKS.us75, plants: 'some' },
  [
    { species: 'pterophyllum-scalare', count: 6 },
    { species: 'corydoras-sterbai', count: 8 },
    { species: 'neocaridina-davidi', count: 10 },
  ],
  { water: { temperatureC: 26, nitrateTapMgL: 5 }, routine: { changeFraction: 0.3, everyDays: 7 } },
);
/** Worked out in each test anew. */
const asked = () => {
  const answer = judge(file);
  return { answer, report: stockingReport(answer) };
};

describe('stockingReport', () => {
  it('adds up to what the verdict goes by', () => {
    const { answer, report } = asked();
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
    const { report } = asked();
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
    const { report } = asked();
    const half = report.outlooks[1]!;
    const made = report.approaches.nitrate.mgLWeek;
    expect(half.after).toBeCloseTo(5 + made, 9);
    expect(half.before).toBeCloseTo(5 + 2 * made, 9);
  });
  it('says how many weeks are left when changes stop', () => {
    const { report } = asked();
    expect(daysUntil(40, 20, 2)).toBe(10);
    expect(daysUntil(40, 45, 2)).toBe(0);
    expect(daysUntil(40, 20, 0)).toBeNull();
    const made = report.approaches.nitrate.mgLWeek;
    for (const { weeksToLimit, after } of report.outlooks)
      expect(weeksToLimit).toBeCloseTo(Math.max(0, (report.limitMgL - after) / made), 9);
  });
  it('leaves shrimps out of the rules of length, and counts the floor that pairs hold', () => {
    const { answer, report } = asked();
    const [cory, shrimp, angel] = ['corydoras-sterbai', 'neocaridina-davidi', 'pterophyllum-scalare'].map(
      (id) => report.lines.find(({ species }) => species === id)!,
    );
    expect(shrimp?.lengthCm).toBeGreaterThan(0);
    expect(report.approaches.length.cm).toBeCloseTo(cory!.lengthCm + angel!.lengthCm, 9);
    expect(report.approaches.surface.cm).toBe(report.approaches.length.cm);
    expect(report.lines.map(({ count }) => count).sort()).toEqual([10, 6, 8]);
    expect(cory?.heldCm2).toBe(0);
    expect(report.approaches.floor.heldCm2).toBe(angel!.heldCm2);
    expect(report.approaches.floor.footprintCm2).toBe(answer.context.tank.figures.footprintCm2);
    expect(angel?.feedGDay).toBeGreaterThan(0);
  });
  it('does not compare a routine with itself', () => {
    for (const routine of COMPARED) {
      const { outlooks } = stockingReport(
        judge({ ...file, routine: { changeFraction: routine.fraction, everyDays: routine.everyDays } }),
      );
      expect(outlooks.map((one) => one.routine)).toEqual([
        routine,
        ...COMPARED.filter((one) => one !== routine),
      ]);
    }
    // The same share on other days, or another share on the same days, is another routine.
    const half = stockingReport(judge({ ...file, routine: { changeFraction: 0.5, everyDays: 14 } }));
    expect(half.outlooks).toHaveLength(3);
  });
  it('never reaches the limit without fish', () => {
    const { outlooks, lines } = stockingReport(judge({ ...file, groups: [] }));
    expect(lines).toEqual([]);
    expect(outlooks.map(({ weeksToLimit }) => weeksToLimit)).toEqual([null, null, null]);
  });
});
