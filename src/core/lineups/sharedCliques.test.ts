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
  [12, 38, [35.9, 35.8, 35.6, 35.5, 35.4], 417],
  [15, 38, [53, 52.9, 52.7, 52.6, 52.5], 337],
  [23, 38, [40.8, 40.4, 40.4, 40.2, 40.2], 1256],
  [29, 38, [47.9, 47.9, 47.9, 47.6, 47.6], 741],
  [1, 45, [31.7, 30.5, 30.2, 30.2, 30.2], 576],
  [2, 45, [43, 41.8, 41.5, 41.5, 40.3], 63],
  [4, 45, [34, 33.7, 33.4, 33.1, 33], 384],
  [10, 45, [46.4, 46.4, 46.1, 46.1, 46.1], 164],
  [13, 45, [34.7, 34.4, 34.4, 34, 34], 186],
  [27, 45, [37.3, 37.1, 37, 36.8, 36.8], 196],
  [30, 45, [33.5, 32.8, 32.7, 32.7, 32.5], 69],
  [35, 45, [78.3, 78.2, 78, 78, 77.9], 319],
  [4, 52, [39, 38, 37.8, 37.5, 37], 135],
  [5, 52, [37.5, 37, 37, 37, 37], 246],
  [13, 52, [38, 38, 37.8, 37.8, 37.1], 148],
  [22, 52, [39, 38.4, 38.4, 38.1, 38.1], 872],
  [30, 52, [30.8, 30.1, 30, 30, 29.8], 54],
  [31, 52, [40.7, 40.4, 40, 39.8, 39.7], 87],
  [2, 60, [47.5, 46.9, 46.8, 46.5, 46.5], 274],
  [8, 60, [73, 72.7, 72.4, 72.4, 72.1], 175],
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
