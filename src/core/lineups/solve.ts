import { CliqueBound } from './cliqueBound';
import { isIn } from './cliques';
import { Bar, bitsOf, type Level, makeLevel } from './level';
import { Musts } from './musts';
import { HAIR, Podium, type Solution } from './podium';
import { FEW_ITEMS, LIMITS, prepare } from './prepare';
import { Prices } from './prices';
import type { ReducedProblem } from './problem';
import { SharedPrices } from './sharedPrices';
import type { Solved, SolveOptions } from './solved';

/** Steps toward better prices at the root, at a node, and at the first below one (by trial). */
const ROOT_STEPS = 100;
const NODE_STEPS = 2;
const DIVE_STEPS = 1;
/** Shared cliques are counted where they bring the bound of the root down to this share of the plain one (by trial). */
const WORTH_SHARING = 0.98;
/** With so few candidates a level is not priced (by trial). */
const HANDFUL = 6;
/** How often `stop` is asked, in nodes. */
const BREATH = 2048;

/**
 * The best sets of items, with proof.
 *
 * Maximises the sum of values and of `layerBonus` for each layer that some chosen item covers, under pairwise conflicts, at
 * most one item a species, required groups, and four limits that add up. Depth-first branch and bound. The bound is the
 * Lagrangian one (Fisher 1981): limits at prices, and of each of disjoint cliques of items the one worth most over its
 * price; behind it that of cliques in which an item may stand several times. Where many items exclude each other, cliques that share
 * items have a price too (decision 30). Items that cannot be in a better set at those prices are fixed out. Distinct sets count, also
 * those contained in a better one. What a list loses together is taken off where it is recorded: the bound stays one, since a loss is never a gain.
 * Deterministic; exact unless `mostNodes` or `stop` ends it, and then `bound` says how far from proven it is.
 */
export function solveProblem(problem: ReducedProblem, options: SolveOptions): Solved {
  return new Search(problem, options).run();
}

class Search {
  private readonly it;
  private readonly n: number;
  private readonly podium: Podium;
  private readonly left: Float64Array;
  private readonly chosen: number[] = [];
  private readonly taken: Uint8Array;
  private readonly levels: Level[] = [];
  private searched = 0;
  private refused = 0;
  private stopped = false;
  private readonly bar: Bar;
  private readonly prices: Prices;
  private readonly shared: SharedPrices;
  /** Whether shared cliques are counted. */
  private sharing: boolean;
  private readonly tails: CliqueBound;
  private readonly musts: Musts;

  constructor(
    private readonly problem: ReducedProblem,
    private readonly options: SolveOptions,
  ) {
    this.it = prepare(problem);
    this.n = this.it.original.length;
    this.podium = new Podium(options.best, options.distinct ?? null);
    this.bar = new Bar(options.floor ?? -Infinity, this.it.step);
    const { block } = this.it;
    this.left = block.reals(LIMITS);
    this.left.set(this.it.capacity);
    this.taken = block.bytes(this.n);
    this.musts = new Musts(this.it, this.taken);
    this.prices = new Prices(this.it, this.left, this.bar);
    this.shared = new SharedPrices(this.it, this.left, this.bar, problem.layerBonus);
    this.sharing = this.it.shared.count > 0;
    this.tails = new CliqueBound(this.it, this.prices.worth, this.left, this.bar, problem.layerBonus);
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
    const made = makeLevel(this.it.block, this.n, this.it.shared.count);
    this.levels.push(made);
    return made;
  }

  /** The most that any list could be worth that the search had not reached when it stopped: all of them begin where its root stands. */
  private openBound(): number {
    const { suffix, at } = this.level(0);
    return Math.max(this.podium.best, suffix[at] as number);
  }

  private coverable(level: Level): number {
    let bits = 0;
    for (let i = 0; i < level.count; i += 1) bits |= this.it.covers[level.items[i] as number] as number;
    return bits;
  }

  /** The chosen items by their own numbers, ascending. */
  private named(): number[] {
    const { chosen, it } = this;
    const items: number[] = [];
    for (const one of chosen) {
      const item = it.original[one] as number;
      let at = items.length;
      for (items.push(item); at > 0 && (items[at - 1] as number) > item; at -= 1)
        items[at] = items[at - 1] as number;
      items[at] = item;
    }
    return items;
  }

  /** `most` is what the items are worth before anything that speaks against them together. */
  private record(most: number): void {
    if (!this.musts.areMet()) return;
    const floor = (this.options.floor ?? -Infinity) + HAIR;
    if (!this.podium.mayEnter(most) || most <= floor) return;
    const items = this.named();
    const value = most - (this.options.loss?.(items) ?? 0);
    if (!this.podium.mayEnter(value) || value <= floor) return;
    const solution: Solution = { value, items };
    if (!this.podium.wouldEnter(solution)) return;
    if (this.options.accept && !this.options.accept(items)) {
      this.refused += 1;
      return;
    }
    this.podium.enter(solution);
    this.bar.raise(this.podium.least);
    this.options.onBetter?.(this.podium.standing);
  }

  /** Prices a level, and drops what cannot be in a better set. Answers whether any better one can be there; `bonus` is for the layers. */
  private price(level: Level, steps: number, value: number, bonus: number): boolean {
    const total = bonus + this.prices.reprice(level, level.prices, steps, value + bonus);
    if (this.bar.isAbove(value + total)) return false;
    this.prices.fixOut(level, total, value);
    return true;
  }

  /** The same where shared cliques are counted. The root decides whether it is worth while: that takes the plain price too. */
  private priceShared(level: Level, steps: number, value: number, bonus: number): boolean {
    const isRoot = this.chosen.length === 0;
    if (isRoot && !this.price(level, steps, value, bonus)) return false;
    const total = bonus + this.shared.reprice(level, level.shared, steps, value + bonus);
    if (this.bar.isAbove(value + total)) return false;
    if (isRoot && total > WORTH_SHARING * (bonus + this.prices.reprice(level, level.prices, 0, value))) {
      this.sharing = false;
      return true;
    }
    this.shared.fixOut(level, total, value);
    // The limits' prices beside those of the cliques are the better ones for the cliques made anew as well.
    level.prices.set(level.shared.subarray(0, LIMITS));
    return this.price(level, 0, value, bonus);
  }

  /** How many of a level's candidates are to be tried, in the order of its tails, which are bounded; 0 when nothing better is there. */
  private bounded(level: Level, value: number, covered: number, steps: number, shares: boolean): number {
    const bonus = this.problem.layerBonus * bitsOf(this.coverable(level) & ~covered);
    if (!(shares ? this.priceShared(level, steps, value, bonus) : this.price(level, steps, value, bonus)))
      return 0;
    this.tails.cover(level);
    const tried = this.musts.serve(level);
    this.tails.bound(level, covered);
    const left = this.tails.fixOut(level, value, tried);
    if (shares && this.sharing) this.shared.bound(level, covered);
    return left;
  }

  /** The same for a handful of candidates, whose tails are bounded by what they are worth in all: prices would cost more than they save. */
  private plain(level: Level, covered: number): number {
    const { it } = this;
    const tried = this.musts.serve(level);
    let sum = 0;
    let bits = 0;
    for (let i = level.count - 1; i >= 0; i -= 1) {
      const item = level.items[i] as number;
      const home = it.clique[item] as number;
      let most = 0;
      for (let j = i + 1; j < level.count; j += 1) {
        const other = level.items[j] as number;
        if (it.clique[other] === home) most = Math.max(most, it.value[other] as number);
      }
      sum += Math.max(0, (it.value[item] as number) - most);
      bits |= it.covers[item] as number;
      level.suffix[i] = sum + this.problem.layerBonus * bitsOf(bits & ~covered);
    }
    return tried;
  }

  private search(depth: number, value: number, covered: number, steps: number): void {
    const { it, left } = this;
    const level = this.levels[depth] as Level;
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
    const shares = this.sharing && level.count > FEW_ITEMS;
    const last =
      (level.count > HANDFUL
        ? this.bounded(level, value, covered, steps, shares)
        : this.plain(level, covered)) - 1;
    const next = this.level(depth + 1);
    for (let i = 0; i <= last; i += 1) {
      level.at = i;
      if (this.bar.isAbove(value + (level.suffix[i] as number))) break;
      const item = level.items[i] as number;
      const from = item * LIMITS;
      for (let r = 0; r < LIMITS; r += 1) left[r] = (left[r] as number) - (it.use[from + r] as number);
      this.chosen.push(item);
      this.taken[item] = 1;
      const bits = covered | (it.covers[item] as number);
      const now = value + (it.value[item] as number) + this.problem.layerBonus * bitsOf(bits & ~covered);
      this.admit(level, i + 1, item, next);
      for (let r = 0; r < LIMITS; r += 1) next.prices[r] = level.prices[r] as number;
      if (shares) next.shared.set(level.shared);
      if (next.count === 1) this.last(next.items[0] as number, now, bits);
      else if (next.count > 1) this.search(depth + 1, now, bits, i === 0 ? DIVE_STEPS : NODE_STEPS);
      // After what holds it and more: that is mostly worth more, and keeps it from entering at all.
      this.record(now);
      if (this.stopped) return;
      this.chosen.pop();
      this.taken[item] = 0;
      for (let r = 0; r < LIMITS; r += 1) left[r] = (left[r] as number) + (it.use[from + r] as number);
    }
    level.count = 0;
  }

  /** Takes the only item that can still be taken. */
  private last(item: number, value: number, covered: number): void {
    const { it } = this;
    const bits = it.covers[item] as number;
    const most = value + (it.value[item] as number) + this.problem.layerBonus * bitsOf(bits & ~covered);
    this.searched += 1;
    if (this.bar.isAbove(most)) return;
    this.chosen.push(item);
    this.taken[item] = 1;
    this.record(most);
    this.chosen.pop();
    this.taken[item] = 0;
  }

  /** What of the later candidates can still be taken beside the item: not excluded, and within what is left. */
  private admit(level: Level, first: number, item: number, next: Level): void {
    const { excludes, words, use } = this.it;
    const { items } = level;
    const to = next.items;
    const row = item * words;
    // Written out for the four limits, as in the prices.
    const l0 = (this.left[0] as number) + HAIR;
    const l1 = (this.left[1] as number) + HAIR;
    const l2 = (this.left[2] as number) + HAIR;
    const l3 = (this.left[3] as number) + HAIR;
    let count = 0;
    for (let i = first, end = level.count; i < end; i += 1) {
      const other = items[i] as number;
      if (isIn(excludes, row, other)) continue;
      const from = other * LIMITS;
      if ((use[from] as number) > l0 || (use[from + 1] as number) > l1) continue;
      if ((use[from + 2] as number) > l2 || (use[from + 3] as number) > l3) continue;
      to[count] = other;
      count += 1;
    }
    next.count = count;
  }
}
