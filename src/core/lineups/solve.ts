import { HAIR, Podium, type Solution } from './podium';
import { prepare } from './prepare';
import type { ReducedProblem } from './problem';

export interface Solved {
  /** Best first; among lists of one value the search keeps those it meets first, in a fixed order. */
  readonly best: readonly Solution[];
  /** Nothing better exists: the whole space was searched or bounded away. */
  readonly proven: boolean;
  /** Nodes of the search tree that were entered. */
  readonly searched: number;
  /** Solutions that `accept` refused although their value was among the best. */
  readonly refused: number;
}

export interface SolveOptions {
  /** How many to find. */
  readonly best: number;
  /** Asked of each solution that would be among the best; a refused one is dropped and counted. */
  readonly accept?: (items: readonly number[]) => boolean;
  /** The search stops unproven after so many nodes. */
  readonly mostNodes?: number;
}

/** Steps toward better prices at the root, near it and far from it; how the stride shrinks (by trial). */
const ROOT_STEPS = 400;
const NEAR_STEPS = 12;
const FAR_STEPS = 3;
const DEEP = 8;
const FIRST_STRIDE = 0.5;
const STRIDE_HALVES = 20;

const bitsOf = (bits: number): number => (bits & 1) + ((bits >> 1) & 1) + ((bits >> 2) & 1);

/**
 * The best sets of items, with proof.
 *
 * Maximises the sum of values and of `layerBonus` for each layer that some chosen item covers, under pairwise conflicts, at
 * most one item a species, required groups, and four limits that add up. Depth-first branch and bound; the bound is the
 * Lagrangian one: limits at prices, and of each of disjoint cliques of items the one worth most over its price.
 * Distinct sets count, also those contained in a better one. Deterministic; exact unless `mostNodes` stops it.
 */
export function solveProblem(problem: ReducedProblem, options: SolveOptions): Solved {
  const it = prepare(problem);
  const n = it.original.length;
  const podium = new Podium(options.best);
  const left = [...it.capacity];
  const chosen: number[] = [];
  let searched = 0;
  let refused = 0;
  let stopped = false;

  const best = new Float64Array(it.cliques);

  /**
   * The most that candidates could add, for these prices of the limits: what is left of each limit at its price, and of
   * each clique the item that is worth most over the price of what it uses. Valid for any prices from 0 (Lagrange).
   * `used` receives what the chosen ones would use, so that the prices can be made better.
   */
  const priced = (candidates: readonly number[], prices: Float64Array, used: Float64Array | null): number => {
    best.fill(0);
    if (used) {
      picked.fill(-1);
      used.fill(0);
    }
    for (const item of candidates) {
      let worth = it.value[item] as number;
      for (let r = 0; r < prices.length; r += 1) worth -= (prices[r] as number) * (it.use[r]?.[item] ?? 0);
      const home = it.clique[item] as number;
      if (worth > (best[home] as number)) {
        best[home] = worth;
        if (used) picked[home] = item;
      }
    }
    let sum = 0;
    for (let c = 0; c < best.length; c += 1) {
      sum += best[c] as number;
      const item = used ? (picked[c] as number) : -1;
      if (used && item >= 0)
        for (let r = 0; r < prices.length; r += 1) used[r] = (used[r] ?? 0) + (it.use[r]?.[item] ?? 0);
    }
    for (let r = 0; r < prices.length; r += 1) sum += (prices[r] as number) * (left[r] as number);
    return sum;
  };
  const picked = new Int32Array(it.cliques);
  const used = new Float64Array(left.length);

  /** Better prices for these candidates: a few steps along the subgradient, the best of them kept. */
  const reprice = (candidates: readonly number[], from: Float64Array, steps: number): Float64Array => {
    let kept = from;
    let least = priced(candidates, from, null);
    const prices = Float64Array.from(from);
    for (let k = 1; k <= steps; k += 1) {
      const now = priced(candidates, prices, used);
      if (now < least) [least, kept] = [now, Float64Array.from(prices)];
      let norm = 0;
      for (let r = 0; r < left.length; r += 1) {
        const over = ((used[r] as number) - (left[r] as number)) / Math.max(HAIR, it.capacity[r] as number);
        norm += over * over;
      }
      if (norm < HAIR) break;
      for (let r = 0; r < left.length; r += 1) {
        const scale = Math.max(HAIR, it.capacity[r] as number);
        const over = ((used[r] as number) - (left[r] as number)) / scale;
        const stride = ((FIRST_STRIDE / (1 + k / STRIDE_HALVES)) * Math.max(1, now) * over) / (norm * scale);
        prices[r] = Math.max(0, (prices[r] as number) + stride);
      }
    }
    return kept;
  };

  /** The most that candidates could add, the layers they could still cover among it. */
  const bound = (candidates: readonly number[], covered: number, prices: Float64Array): number => {
    let coverable = covered;
    for (const item of candidates) coverable |= it.covers[item] as number;
    return priced(candidates, prices, null) + problem.layerBonus * bitsOf(coverable & ~covered);
  };

  /** Whether nothing under this bound could enter. Ties are left to what was found first: the order of search is fixed. */
  const hopelessBelow = (most: number): boolean => {
    const reachable = it.step > 0 ? Math.floor((most + HAIR) / it.step + HAIR) * it.step : most;
    return reachable <= podium.least + HAIR;
  };

  const fits = (item: number): boolean => left.every((room, r) => (it.use[r]?.[item] ?? 0) <= room + HAIR);

  /** A required group that neither is served nor can still be. */
  const hopeless = (candidates: readonly number[]): boolean =>
    it.required.some(
      (list) =>
        !list.some((item) => chosen.includes(item)) && !list.some((item) => candidates.includes(item)),
    );

  const served = (): boolean => it.required.every((list) => list.some((item) => chosen.includes(item)));

  const record = (value: number): void => {
    if (!served()) return;
    const items = chosen.map((item) => it.original[item] as number).sort((a, b) => a - b);
    const solution: Solution = { value, items };
    if (!podium.wouldEnter(solution)) return;
    if (options.accept && !options.accept(items)) {
      refused += 1;
      return;
    }
    podium.enter(solution);
  };

  const search = (
    candidates: readonly number[],
    value: number,
    covered: number,
    inherited: Float64Array,
  ): void => {
    searched += 1;
    if (searched > (options.mostNodes ?? Infinity)) {
      stopped = true;
      return;
    }
    if (hopeless(candidates)) return;
    const prices = reprice(candidates, inherited, chosen.length < DEEP ? NEAR_STEPS : FAR_STEPS);
    for (let i = 0; i < candidates.length && !stopped; i += 1) {
      const rest = candidates.slice(i);
      if (hopelessBelow(value + bound(rest, covered, prices))) return;
      if (hopeless(rest)) return;
      const item = candidates[i] as number;
      const row = it.excludes[item] as Uint8Array;
      for (let r = 0; r < left.length; r += 1) left[r] = (left[r] as number) - (it.use[r]?.[item] ?? 0);
      chosen.push(item);
      const bits = covered | (it.covers[item] as number);
      const now = value + (it.value[item] as number) + problem.layerBonus * bitsOf(bits & ~covered);
      record(now);
      search(
        rest.filter((other) => other !== item && row[other] === 0 && fits(other)),
        now,
        bits,
        prices,
      );
      chosen.pop();
      for (let r = 0; r < left.length; r += 1) left[r] = (left[r] as number) + (it.use[r]?.[item] ?? 0);
    }
  };

  record(0);
  search(
    Array.from({ length: n }, (_, i) => i),
    0,
    0,
    reprice(
      Array.from({ length: n }, (_, i) => i),
      new Float64Array(left.length),
      ROOT_STEPS,
    ),
  );
  return { best: podium.standing, proven: !stopped, searched, refused };
}
