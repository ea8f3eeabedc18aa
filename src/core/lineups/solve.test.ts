import fc from 'fast-check';
import { catalogue, TODAY } from '@/testing/plans';
import { WISH_LISTS } from '@/testing/lineups/wishLists';
import oracle from '@/testing/fixtures/milp.json';
import { buildProblem } from './buildProblem';
import type { ReducedProblem } from './problem';
import { solveProblem } from './solve';

/** An instance of the reference set as a line-up problem: its knapsack rows stand for nitrate and layers. */
function fromOracle(one: (typeof oracle.instances)[number]): ReducedProblem {
  const rows = one.knapsack_rows;
  const big = 1e8;
  return {
    items: one.weights.map((value, i) => ({
      species: `s${i}`,
      count: 1,
      value,
      nitrateMgLWeek: rows[0]?.[i] ?? 0,
      room: { top: rows[1]?.[i] ?? 0, middle: rows[2]?.[i] ?? 0, bottom: rows[3]?.[i] ?? 0 },
      covers: [],
    })),
    oneOf: [],
    required: [],
    conflicts: one.edges.map(([a, b]) => [a!, b!]),
    limits: {
      nitrateMgLWeek: one.capacities[0] ?? big,
      room: {
        top: one.capacities[1] ?? big,
        middle: one.capacities[2] ?? big,
        bottom: one.capacities[3] ?? big,
      },
    },
    layerBonus: 0,
  };
}

/** Every set of items that is allowed, with its value: for small problems only. */
function allowed(problem: ReducedProblem): readonly { readonly items: number[]; readonly value: number }[] {
  const n = problem.items.length;
  const found: { items: number[]; value: number }[] = [];
  for (let bits = 0; bits < 1 << n; bits += 1) {
    const chosen = problem.items.map((_, i) => i).filter((i) => bits & (1 << i));
    const both = ([a, b]: readonly number[]) => chosen.includes(a!) && chosen.includes(b!);
    if (problem.conflicts.some(both)) continue;
    if (problem.oneOf.some((list) => chosen.filter((i) => list.includes(i)).length > 1)) continue;
    if (problem.required.some((list) => !chosen.some((i) => list.includes(i)))) continue;
    const sum = (of: (item: ReducedProblem['items'][number]) => number) =>
      chosen.reduce((total, i) => total + of(problem.items[i]!), 0);
    if (sum((item) => item.nitrateMgLWeek) > problem.limits.nitrateMgLWeek + 1e-9) continue;
    if (
      (['top', 'middle', 'bottom'] as const).some(
        (layer) => sum((item) => item.room[layer]) > problem.limits.room[layer] + 1e-9,
      )
    )
      continue;
    const covered = new Set(chosen.flatMap((i) => problem.items[i]!.covers)).size;
    found.push({ items: chosen, value: sum((item) => item.value) + problem.layerBonus * covered });
  }
  return found;
}

/** The values of all of them, best first. */
const bruteForce = (problem: ReducedProblem): readonly number[] =>
  allowed(problem)
    .map(({ value }) => value)
    .sort((a, b) => b - a);

const anyItem = fc.record({
  species: fc.constant('s'),
  count: fc.constant(1),
  value: fc.integer({ min: 0, max: 50 }).map((value) => value / 10),
  nitrateMgLWeek: fc.integer({ min: 0, max: 12 }),
  room: fc.record({ top: fc.nat(9), middle: fc.nat(9), bottom: fc.nat(9) }),
  covers: fc.subarray(['top', 'middle', 'bottom'] as const).map((layers) => [...layers]),
});
const anyProblem: fc.Arbitrary<ReducedProblem> = fc
  .array(anyItem, { minLength: 1, maxLength: 10 })
  .chain((items) => {
    const index = fc.nat(items.length - 1);
    const pair = fc
      .tuple(index, index)
      .filter(([a, b]) => a !== b)
      .map(([a, b]) => [a, b]);
    return fc.record({
      items: fc.constant(items),
      oneOf: fc.array(fc.uniqueArray(index, { minLength: 1, maxLength: 3 }), { maxLength: 3 }),
      required: fc.array(fc.uniqueArray(index, { minLength: 1, maxLength: 3 }), { maxLength: 1 }),
      conflicts: items.length > 1 ? fc.array(pair, { maxLength: 15 }) : fc.constant([]),
      limits: fc.record({
        nitrateMgLWeek: fc.integer({ min: 0, max: 50 }),
        room: fc.record({ top: fc.nat(30), middle: fc.nat(30), bottom: fc.nat(30) }),
      }),
      layerBonus: fc.constantFrom(0, 1, 2),
    });
  });

describe('solveProblem', () => {
  it.each(oracle.instances.map((one) => [one.name, one] as const))(
    '%s: the optimum that HiGHS, CBC and GLPK found',
    (_name, one) => {
      const solved = solveProblem(fromOracle(one), { best: 10 });
      expect(solved.proven).toBe(true);
      expect(solved.best[0]?.value).toBe(one.optimum);
      expect(solved.best.map((solution) => solution.value)).toEqual(one.top10.map((each) => each.objective));
    },
  );

  // Counted when the bounds were last looked at: a bound that holds less back is right as well, and slower.
  it.each([
    ['m01_n12', 35],
    ['m02_n12_ties', 16],
    ['m03_n14_dense', 14],
    ['m05_n18_cliques', 80],
    ['m06_n20', 195],
    ['m08_n30', 181],
    ['m09_n36_cliques', 905],
    ['m11_n50', 1304],
    ['m13_n12_only_few_feasible', 2],
  ])('%s: no more than %d nodes are entered', (name, most) => {
    const one = oracle.instances.find((each) => each.name === name)!;
    expect(solveProblem(fromOracle(one), { best: 10 }).searched).toBeLessThanOrEqual(most);
  });
  it.each([
    ['nano, 12 wishes', 29],
    ['mbuna rock, 16 wishes', 60],
    ['Tanganyika, 17 wishes', 26],
    ['big South Americans, 18 wishes', 94],
  ])('%s: no more than %d nodes are entered', (name, most) => {
    const { problem } = buildProblem(WISH_LISTS[name]!, catalogue, TODAY);
    expect(solveProblem(problem, { best: 10 }).searched).toBeLessThanOrEqual(most);
  });

  it('gives the ten best that trying everything gives', () =>
    fc.assert(
      fc.property(anyProblem, (problem) => {
        const solved = solveProblem(problem, { best: 10 });
        const expected = bruteForce(problem).slice(0, 10);
        expect(solved.proven).toBe(true);
        expect(solved.best).toHaveLength(expected.length);
        solved.best.forEach((solution, i) => expect(solution.value).toBeCloseTo(expected[i]!, 9));
        expect(new Set(solved.best.map((solution) => solution.items.join())).size).toBe(solved.best.length);
      }),
      { numRuns: 300 },
    ));

  it('takes off what speaks against items together, and keeps the best list of each kind', () =>
    fc.assert(
      fc.property(anyProblem, fc.array(fc.nat(20), { minLength: 100, maxLength: 100 }), (problem, costs) => {
        const loss = (items: readonly number[]): number =>
          items.reduce(
            (sum, a, at) =>
              sum + items.slice(at + 1).reduce((more, b) => more + (costs[a * 10 + b] ?? 0) / 10, 0),
            0,
          );
        // Two items in a row are of one kind, as two numbers of one species are.
        const distinct = (items: readonly number[]): string =>
          [...new Set(items.map((item) => Math.floor(item / 2)))].join();
        const best = new Map<string, number>();
        for (const { items, value } of allowed(problem))
          best.set(distinct(items), Math.max(best.get(distinct(items)) ?? -Infinity, value - loss(items)));
        const expected = [...best.values()].sort((a, b) => b - a).slice(0, 5);
        const solved = solveProblem(problem, { best: 5, loss, distinct });
        expect(solved.proven).toBe(true);
        expect(solved.best).toHaveLength(expected.length);
        solved.best.forEach(({ value }, i) => expect(value).toBeCloseTo(expected[i]!, 9));
        expect(new Set(solved.best.map(({ items }) => distinct(items))).size).toBe(solved.best.length);
      }),
      { numRuns: 300 },
    ));

  it('is never worse for another wish, nor better for a tighter limit', () =>
    fc.assert(
      fc.property(anyProblem, anyItem, (problem, item) => {
        const best = (one: ReducedProblem) => solveProblem(one, { best: 1 }).best[0]?.value ?? -Infinity;
        const now = best(problem);
        expect(best({ ...problem, items: [...problem.items, item] })).toBeGreaterThanOrEqual(now - 1e-9);
        const tighter = { ...problem.limits, nitrateMgLWeek: problem.limits.nitrateMgLWeek / 2 };
        expect(best({ ...problem, limits: tighter })).toBeLessThanOrEqual(now + 1e-9);
      }),
      { numRuns: 200 },
    ));

  it('drops and counts what is refused, and finds the best of the rest', () => {
    const problem = fromOracle(oracle.instances[0]!);
    const [first, second] = solveProblem(problem, { best: 2 }).best;
    const without = solveProblem(problem, {
      best: 1,
      accept: (items) => items.join() !== first!.items.join(),
    });
    expect(without.best[0]).toEqual(second);
    expect(without.refused).toBeGreaterThan(0);
  });

  it('says so when it is stopped before it is done', () =>
    expect(solveProblem(fromOracle(oracle.instances[0]!), { best: 1, mostNodes: 2 }).proven).toBe(false));
});
