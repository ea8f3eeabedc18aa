import { catalogue, TODAY } from '@/testing/plans';
import { highsSolver } from '@/testing/lineups/highsSolver';
import type { Optimum } from '@/testing/lineups/program';
import { randomProblem } from '@/testing/lineups/randomProblem';
import { WISH_LISTS } from '@/testing/lineups/wishLists';
import { buildProblem } from './buildProblem';
import { solveProblem } from './solve';

/** A general solver (HiGHS) on the same reduced problems; the bench does two hundred, and with a second one (GLPK). */
describe('the optimum against a general solver', () => {
  let highs: Optimum;
  beforeAll(async () => {
    highs = await highsSolver();
  });
  it.each(Array.from({ length: 30 }, (_, i) => [1000 + i, 6 + (i % 15)] as const))(
    'random problem %d of %d wishes',
    async (seed, wishes) => {
      const problem = randomProblem(seed, wishes);
      const ours = solveProblem(problem, { best: 10 });
      expect(ours.proven).toBe(true);
      const optimum = await highs(problem);
      if (optimum === null) expect(ours.best).toEqual([]);
      else expect(ours.best[0]!.value).toBeCloseTo(optimum, 6);
    },
  );
  it.each([
    [540, 40],
    [740, 40],
    [560, 60],
  ] as const)(
    'the five best of random problem %d of %d wishes, one after the other',
    async (seed, wishes) => {
      // So many items that shared cliques have a price.
      const problem = randomProblem(seed, wishes);
      const { best, proven } = solveProblem(problem, { best: 5 });
      expect(proven).toBe(true);
      for (const [i, { value }] of best.entries())
        expect(
          await highs(
            problem,
            best.slice(0, i).map(({ items }) => items),
          ),
        ).toBeCloseTo(value, 6);
    },
  );
  it.each(['nano, 12 wishes', 'mbuna rock, 16 wishes', 'Tanganyika, 17 wishes'])('%s', async (name) => {
    const { problem } = buildProblem(WISH_LISTS[name]!, catalogue, TODAY);
    expect(solveProblem(problem, { best: 10 }).best[0]!.value).toBeCloseTo((await highs(problem))!, 6);
  });
});

describe('a search that is stopped', () => {
  it('says how far from proven it is: nothing it did not look at is worth more than its bound', () => {
    for (const seed of [1, 2, 3, 4]) {
      const problem = randomProblem(seed, 40);
      const whole = solveProblem(problem, { best: 1 });
      const cut = solveProblem(problem, { best: 1, mostNodes: 20 });
      expect(cut.proven).toBe(false);
      expect(cut.bound).toBeGreaterThanOrEqual(whole.best[0]!.value - 1e-9);
      expect(cut.bound).toBeLessThan(1.5 * whole.best[0]!.value);
      expect(whole.bound).toBeCloseTo(whole.best[0]!.value, 9);
    }
  });
  it('stops where it is asked to, which is after two thousand nodes', () => {
    // Without an end it takes some 2,600.
    const problem = randomProblem(19, 45);
    let times = 0;
    const asked = (answer: boolean) => () => ((times += 1), answer);
    expect(solveProblem(problem, { best: 10, stop: asked(true) })).toMatchObject({
      proven: false,
      searched: 2048,
    });
    expect(solveProblem(problem, { best: 10, stop: asked(false) }).proven).toBe(true);
    expect(times).toBe(2);
  });
  it('finds nothing at or under the floor, and all above it', () => {
    const problem = randomProblem(7, 14);
    const all = solveProblem(problem, { best: 40 }).best.map((one) => one.value);
    const floor = all[9]!;
    const above = solveProblem(problem, { best: 40, floor }).best.map((one) => one.value);
    expect(above).toEqual(all.filter((value) => value > floor + 1e-9));
    // What a list loses counts before the floor does.
    const less = solveProblem(problem, { best: 40, floor: floor - 1, loss: () => 1 }).best;
    expect(less.map((one) => Number((one.value + 1).toFixed(6)))).toEqual(
      above.map((value) => Number(value.toFixed(6))),
    );
  });
});
