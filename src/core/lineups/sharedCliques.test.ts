import { randomProblem } from '@/testing/lineups/randomProblem';
import { prepare } from './prepare';
import { solveProblem } from './solve';

/**
 * Problems of so many wishes that shared cliques have a price: seed, wishes, and the five best values as a general solver found
 * them one after the other, with no gap allowed (HiGHS, as its package 1.15 ships it). Then the nodes that were entered when
 * the bounds were last looked at: a bound that holds less back is right as well, and slower.
 */
const KNOWN: readonly (readonly [number, number, readonly number[], number])[] = [
  [2, 38, [37.4, 36.8, 36.5, 36.5, 36.5], 172],
  [5, 38, [39, 38, 38, 38, 38], 191],
  [23, 38, [40.8, 40.4, 40.4, 40.2, 40.2], 1256],
  [29, 38, [47.9, 47.9, 47.9, 47.6, 47.6], 741],
  [1, 45, [31.7, 30.5, 30.2, 30.2, 30.2], 576],
  [27, 45, [37.3, 37.1, 37, 36.8, 36.8], 196],
  [30, 45, [33.5, 32.8, 32.7, 32.7, 32.5], 69],
  [35, 45, [78.3, 78.2, 78, 78, 77.9], 319],
  [31, 52, [40.7, 40.4, 40, 39.8, 39.7], 87],
  [2, 60, [47.5, 46.9, 46.8, 46.5, 46.5], 274],
];

describe('a search in which shared cliques have a price', () => {
  it.each(KNOWN)('of random problem %d of %d wishes gives the five best', (seed, wishes, values, most) => {
    const problem = randomProblem(seed, wishes);
    expect(prepare(problem).shared.count).toBeGreaterThan(0);
    const { best, proven, searched } = solveProblem(problem, { best: 5 });
    expect(proven).toBe(true);
    expect(best.map(({ value }) => Number(value.toFixed(6)))).toEqual(values);
    expect(searched).toBeLessThanOrEqual(most);
  });
});
