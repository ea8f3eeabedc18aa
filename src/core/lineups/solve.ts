import { HAIR, Podium, type Solution } from './podium';
import { prepare } from './prepare';
import type { ReducedProblem } from './problem';

export interface Solved {
  /** Best first; among lists of one value the search keeps those it meets first, in a fixed order. */
  readonly best: readonly Solution[];
  /** Nothing better exists: the whole space was searched or bounded away. */
  readonly proven: boolean;
  /** No list that was not looked at can be worth more than this; the least of the best when proven. */
  readonly bound: number;
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
  /** Lists of one key count as one, the best of them: `distinct` tells what makes two lists different. */
  readonly distinct?: ((items: readonly number[]) => string) | undefined;
  /** What a list loses for what speaks against it together; never less than 0. */
  readonly loss?: ((items: readonly number[]) => number) | undefined;
  /** Solutions worth no more than this are not wanted. */
  readonly floor?: number;
  /** The search stops unproven after so many nodes. */
  readonly mostNodes?: number;
  /** Asked every few thousand nodes; the search stops unproven when it says so. */
  readonly stop?: () => boolean;
  /** Told of every solution that enters the best, as the search goes. */
  readonly onBetter?: (best: readonly Solution[]) => void;
}

/** Steps toward better prices at the root and at a node; how the stride shrinks (by trial). */
const ROOT_STEPS = 100;
const NODE_STEPS = 2;
const FIRST_STRIDE = 0.5;
const STRIDE_HALVES = 20;
/** How often `stop` is asked, in nodes. */
const BREATH = 2048;

const bitsOf = (bits: number): number => (bits & 1) + ((bits >> 1) & 1) + ((bits >> 2) & 1);

/** What one level of the search keeps while those below it work. */
interface Level {
  /** Candidates in the order they are tried. */
  readonly items: Int32Array;
  /** The most that the candidates from here on can add. */
  readonly suffix: Float64Array;
  readonly prices: Float64Array;
  count: number;
  /** Where the level stands, and what was worth so far: for the bound when the search is stopped. */
  at: number;
  value: number;
}

/**
 * The best sets of items, with proof.
 *
 * Maximises the sum of values and of `layerBonus` for each layer that some chosen item covers, under pairwise conflicts, at
 * most one item a species, required groups, and four limits that add up. Depth-first branch and bound. The bound is the
 * Lagrangian one (Fisher 1981): limits at prices, and of each of disjoint cliques of items the one worth most over its
 * price. Items that cannot be in a better set at those prices are fixed out. Distinct sets count, also those contained in a
 * better one. What a list loses together is taken off where it is recorded: the bound stays one, since a loss is never a gain.
 * Deterministic; exact unless `mostNodes` or `stop` ends it, and then `bound` says how far from proven it is.
 */
export function solveProblem(problem: ReducedProblem, options: SolveOptions): Solved {
  return new Search(problem, options).run();
}

class Search {
  private readonly it;
  private readonly n: number;
  private readonly limits: number;
  private readonly podium: Podium;
  private readonly left: Float64Array;
  private readonly chosen: number[] = [];
  private readonly taken: Uint8Array;
  private readonly levels: Level[] = [];
  private searched = 0;
  private refused = 0;
  private stopped = false;
  // Working room of the bound, one for all levels.
  private readonly worth: Float64Array;
  private readonly mark: Uint8Array;
  private readonly home: Int32Array;
  private readonly size: Int32Array;
  private readonly tally: Int32Array;
  private readonly waiting: Int32Array;
  private readonly later: Int32Array;
  private readonly top: Float64Array;
  private readonly picked: Int32Array;
  private readonly used: Float64Array;
  private readonly trial: Float64Array;

  constructor(
    private readonly problem: ReducedProblem,
    private readonly options: SolveOptions,
  ) {
    this.it = prepare(problem);
    this.n = this.it.original.length;
    this.limits = this.it.capacity.length;
    this.podium = new Podium(options.best, options.distinct ?? null);
    this.left = Float64Array.from(this.it.capacity);
    this.taken = new Uint8Array(this.n);
    this.worth = new Float64Array(this.n);
    this.mark = new Uint8Array(this.n);
    this.home = new Int32Array(this.n);
    this.size = new Int32Array(this.n);
    this.tally = new Int32Array(this.n);
    this.waiting = new Int32Array(this.n);
    this.later = new Int32Array(this.n);
    this.top = new Float64Array(this.n);
    this.picked = new Int32Array(this.it.cliques);
    this.used = new Float64Array(this.limits);
    this.trial = new Float64Array(this.limits);
  }

  run(): Solved {
    const root = this.level(0);
    for (let i = 0; i < this.n; i += 1) root.items[i] = i;
    root.count = this.n;
    this.record(0);
    this.search(0, 0, 0, ROOT_STEPS);
    return {
      best: this.podium.standing,
      proven: !this.stopped,
      bound: this.stopped ? this.openBound() : Math.max(0, this.podium.best),
      searched: this.searched,
      refused: this.refused,
    };
  }

  private level(depth: number): Level {
    const known = this.levels[depth];
    if (known) return known;
    const made: Level = {
      items: new Int32Array(this.n),
      suffix: new Float64Array(this.n),
      prices: new Float64Array(this.limits),
      count: 0,
      at: 0,
      value: 0,
    };
    this.levels.push(made);
    return made;
  }

  /** The most that any list could be worth that the search had not reached when it stopped. */
  private openBound(): number {
    let most = this.podium.best;
    for (let depth = 0; depth <= this.chosen.length && depth < this.levels.length; depth += 1) {
      const level = this.levels[depth] as Level;
      if (level.at < level.count) most = Math.max(most, level.value + (level.suffix[level.at] as number));
    }
    return most;
  }

  /**
   * The most that the candidates could add at these prices, layers aside: what is left of each limit at its price, and of
   * each clique the item worth most over the price of what it uses. Valid for any prices from 0 (Lagrange). Leaves the
   * worth of each candidate in `worth`, the best of each clique in `top`, what the picked ones use in `used`.
   */
  private priced(level: Level, prices: Float64Array): number {
    const { it, worth, top, picked, used, limits } = this;
    top.fill(0);
    picked.fill(-1);
    for (let i = 0; i < level.count; i += 1) {
      const item = level.items[i] as number;
      let w = it.value[item] as number;
      const from = item * limits;
      for (let r = 0; r < limits; r += 1) w -= (prices[r] as number) * (it.use[from + r] as number);
      worth[item] = w;
      const home = it.clique[item] as number;
      if (w > (top[home] as number)) {
        top[home] = w;
        picked[home] = item;
      }
    }
    used.fill(0);
    let sum = 0;
    for (let c = 0; c < it.cliques; c += 1) {
      const item = picked[c] as number;
      if (item < 0) continue;
      sum += top[c] as number;
      const from = item * limits;
      for (let r = 0; r < limits; r += 1) used[r] = (used[r] as number) + (it.use[from + r] as number);
    }
    for (let r = 0; r < limits; r += 1) sum += (prices[r] as number) * (this.left[r] as number);
    return sum;
  }

  /** Better prices for the candidates of a level: a few steps along the subgradient, the best of them kept. */
  private reprice(level: Level, steps: number, enough: (sum: number) => boolean): number {
    const { used, left, limits, trial, it } = this;
    let least = this.priced(level, level.prices);
    trial.set(level.prices);
    for (let k = 1; k <= steps && !enough(least); k += 1) {
      let norm = 0;
      for (let r = 0; r < limits; r += 1) {
        const over = ((used[r] as number) - (left[r] as number)) / Math.max(HAIR, it.capacity[r] as number);
        norm += over * over;
      }
      if (norm < HAIR) break;
      const reach = (FIRST_STRIDE / (1 + k / STRIDE_HALVES)) * Math.max(1, least);
      for (let r = 0; r < limits; r += 1) {
        const scale = Math.max(HAIR, it.capacity[r] as number);
        const over = ((used[r] as number) - (left[r] as number)) / scale;
        trial[r] = Math.max(0, (trial[r] as number) + (reach * over) / (norm * scale));
      }
      const now = this.priced(level, trial);
      if (now < least) {
        least = now;
        level.prices.set(trial);
      }
    }
    return this.priced(level, level.prices);
  }

  /** Whether nothing under this bound could enter. Ties are left to what was found first: the order of search is fixed. */
  private hopeless(most: number): boolean {
    const { step } = this.it;
    const reachable = step > 0 ? Math.floor((most + HAIR) / step + HAIR) * step : most;
    return reachable <= Math.max(this.podium.least, this.options.floor ?? -Infinity) + HAIR;
  }

  private coverable(level: Level): number {
    let bits = 0;
    for (let i = 0; i < level.count; i += 1) bits |= this.it.covers[level.items[i] as number] as number;
    return bits;
  }

  /** `most` is what the items are worth before anything that speaks against them together. */
  private record(most: number): void {
    if (this.it.required.some((list) => !list.some((item) => this.taken[item] === 1))) return;
    const floor = (this.options.floor ?? -Infinity) + HAIR;
    if (!this.podium.mayEnter(most) || most <= floor) return;
    const items = this.chosen.map((item) => this.it.original[item] as number).sort((a, b) => a - b);
    const value = most - (this.options.loss?.(items) ?? 0);
    if (!this.podium.mayEnter(value) || value <= floor) return;
    const solution: Solution = { value, items };
    if (!this.podium.wouldEnter(solution)) return;
    if (this.options.accept && !this.options.accept(items)) {
      this.refused += 1;
      return;
    }
    this.podium.enter(solution);
    this.options.onBetter?.(this.podium.standing);
  }

  /** Candidates in the order of their cliques, the cliques worth most first, and those fixed out that cannot serve. */
  private arrange(level: Level, total: number, value: number): void {
    const { it, top, worth } = this;
    let kept = 0;
    for (let i = 0; i < level.count; i += 1) {
      const item = level.items[i] as number;
      const with_ = total - (top[it.clique[item] as number] as number) + (worth[item] as number);
      if (this.hopeless(value + with_)) continue;
      level.items[kept] = item;
      kept += 1;
    }
    level.count = kept;
    this.cover(level);
  }

  /**
   * Candidates in an order whose tails are bounded well: into cliques anew, greedily, since those of the root say little of
   * the few that are left; the clique of the item worth most comes first.
   */
  private cover(level: Level): void {
    const { mark, it, home } = this;
    for (let i = 0; i < level.count; i += 1) mark[level.items[i] as number] = 1;
    const { waiting } = this;
    let count = 0;
    for (let item = 0; item < this.n; item += 1) {
      if (mark[item] === 0) continue;
      mark[item] = 0;
      let at = count - 1;
      while (at >= 0 && (this.worth[waiting[at] as number] as number) < (this.worth[item] as number)) {
        waiting[at + 1] = waiting[at] as number;
        at -= 1;
      }
      waiting[at + 1] = item;
      count += 1;
    }
    // Each to the first clique that it excludes all of: as many of its neighbours stand there as the clique has members.
    const { size, tally } = this;
    let cliques = 0;
    for (let i = 0; i < count; i += 1) {
      const item = waiting[i] as number;
      const near = it.near[item] as Int32Array;
      for (let k = 0; k < near.length; k += 1) {
        const there = mark[near[k] as number] === 1 ? (home[near[k] as number] as number) : -1;
        if (there >= 0) tally[there] = (tally[there] as number) + 1;
      }
      let found = cliques;
      for (let k = 0; k < near.length; k += 1) {
        if (mark[near[k] as number] === 0) continue;
        const there = home[near[k] as number] as number;
        if (there < found && tally[there] === size[there]) found = there;
      }
      for (let k = 0; k < near.length; k += 1) tally[home[near[k] as number] as number] = 0;
      if (found === cliques) {
        size[cliques] = 0;
        cliques += 1;
      }
      size[found] = (size[found] as number) + 1;
      home[item] = found;
      mark[item] = 1;
    }
    // Clique after clique, each in the order of worth.
    let start = 0;
    for (let c = 0; c < cliques; c += 1) {
      tally[c] = start;
      start += size[c] as number;
    }
    for (let i = 0; i < count; i += 1) {
      const item = waiting[i] as number;
      const c = home[item] as number;
      level.items[tally[c] as number] = item;
      tally[c] = (tally[c] as number) + 1;
      mark[item] = 0;
    }
    for (let c = 0; c < cliques; c += 1) tally[c] = 0;
  }

  /** The most that the candidates from each one on could add, from the last to the first. */
  private boundSuffixes(level: Level, covered: number): void {
    const { it, top, worth, left, limits } = this;
    let sum = 0;
    for (let r = 0; r < limits; r += 1) sum += (level.prices[r] as number) * (left[r] as number);
    top.fill(0);
    let bits = 0;
    for (let i = level.count - 1; i >= 0; i -= 1) {
      const item = level.items[i] as number;
      const home = this.home[item] as number;
      const gain = (worth[item] as number) - (top[home] as number);
      if (gain > 0) {
        sum += gain;
        top[home] = worth[item] as number;
      }
      bits |= it.covers[item] as number;
      level.suffix[i] = sum + this.problem.layerBonus * bitsOf(bits & ~covered);
    }
  }

  /**
   * Drops what cannot be in a better set by the bound of the new cliques; the suffixes stay bounds of what stays. Answers
   * how many of the first `tried` stay.
   */
  private fixOut(level: Level, value: number, tried: number): number {
    const { home, top, worth } = this;
    const most = value + (level.count > 0 ? (level.suffix[0] as number) : 0);
    let kept = 0;
    let front = 0;
    for (let i = 0; i < level.count; i += 1) {
      const item = level.items[i] as number;
      if (this.hopeless(most - (top[home[item] as number] as number) + (worth[item] as number))) continue;
      level.items[kept] = item;
      level.suffix[kept] = level.suffix[i] as number;
      kept += 1;
      if (i < tried) front += 1;
    }
    level.count = kept;
    return front;
  }

  /**
   * Brings the candidates of a required group that is not served yet to the front, for only they may be taken next: the
   * group with the fewest. Answers how many stand there; all of them when every group is served.
   */
  private serve(level: Level): number {
    const { later } = this;
    let fewest: readonly number[] | null = null;
    let least = Infinity;
    for (const list of this.it.required) {
      if (list.some((item) => this.taken[item] === 1)) continue;
      let count = 0;
      for (let i = 0; i < level.count; i += 1) if (list.includes(level.items[i] as number)) count += 1;
      if (count < least) [fewest, least] = [list, count];
    }
    if (!fewest) return level.count;
    let front = 0;
    let rest = 0;
    for (let i = 0; i < level.count; i += 1) {
      const item = level.items[i] as number;
      if (fewest.includes(item)) {
        level.items[front] = item;
        front += 1;
      } else {
        later[rest] = item;
        rest += 1;
      }
    }
    for (let i = 0; i < rest; i += 1) level.items[front + i] = later[i] as number;
    return front;
  }

  private search(depth: number, value: number, covered: number, steps: number): void {
    const { it, left, limits } = this;
    const level = this.levels[depth] as Level;
    level.value = value;
    level.at = 0;
    level.suffix[0] = Infinity;
    this.searched += 1;
    if (
      this.searched > (this.options.mostNodes ?? Infinity) ||
      (this.searched % BREATH === 0 && this.options.stop?.() === true)
    ) {
      this.stopped = true;
      return;
    }
    const bonus = this.problem.layerBonus * bitsOf(this.coverable(level) & ~covered);
    const total = bonus + this.reprice(level, steps, (sum) => this.hopeless(value + bonus + sum));
    if (this.hopeless(value + total)) {
      level.count = 0;
      return;
    }
    this.arrange(level, total, value);
    const tried = it.required.length > 0 ? this.serve(level) : level.count;
    this.boundSuffixes(level, covered);
    const last = this.fixOut(level, value, tried) - 1;
    const next = this.level(depth + 1);
    for (let i = 0; i <= last; i += 1) {
      level.at = i;
      if (this.hopeless(value + (level.suffix[i] as number))) break;
      const item = level.items[i] as number;
      const from = item * limits;
      for (let r = 0; r < limits; r += 1) left[r] = (left[r] as number) - (it.use[from + r] as number);
      this.chosen.push(item);
      this.taken[item] = 1;
      const bits = covered | (it.covers[item] as number);
      const now = value + (it.value[item] as number) + this.problem.layerBonus * bitsOf(bits & ~covered);
      this.record(now);
      this.admit(level, i + 1, item, next);
      next.prices.set(level.prices);
      if (next.count > 0) this.search(depth + 1, now, bits, NODE_STEPS);
      if (this.stopped) return;
      this.chosen.pop();
      this.taken[item] = 0;
      for (let r = 0; r < limits; r += 1) left[r] = (left[r] as number) + (it.use[from + r] as number);
    }
    level.count = 0;
  }

  /** What of the later candidates can still be taken beside the item: not excluded, and within what is left. */
  private admit(level: Level, first: number, item: number, next: Level): void {
    const { it, left, limits } = this;
    const row = it.excludes[item] as Uint8Array;
    let count = 0;
    for (let i = first; i < level.count; i += 1) {
      const other = level.items[i] as number;
      if (row[other] === 1) continue;
      const from = other * limits;
      let fits = true;
      for (let r = 0; r < limits && fits; r += 1)
        fits = (it.use[from + r] as number) <= (left[r] as number) + HAIR;
      if (!fits) continue;
      next.items[count] = other;
      count += 1;
    }
    next.count = count;
  }
}
