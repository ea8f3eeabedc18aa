import type { Bar, Level } from './level';
import { HAIR } from './podium';
import { FEW_ITEMS, LIMITS, type Prepared } from './prepare';

/** How the stride of the steps toward better prices shrinks (by trial). */
const FIRST_STRIDE = 0.5;
const STRIDE_HALVES = 20;
/** After so many steps that brought less than this share there are no more, the latter with few items (by trial). */
const MOST_IDLE = 20;
const MOST_IDLE_FEW = 8;
const WORTHWHILE = 1e-3;

/**
 * A Lagrangian bound (Fisher 1981): limits at prices, and of each of the disjoint cliques of the root the item worth most over its price.
 * Which limits have a price is said by what extends this.
 */
export abstract class Descent {
  /** What each candidate is worth over the price of what it uses. */
  readonly worth: Float64Array;
  protected readonly top: Float64Array;
  protected readonly picked: Int32Array;
  /** Prices on trial. */
  protected readonly trial: Float64Array;
  /** One over each limit. */
  protected readonly scale: Float64Array;
  private readonly mostIdle: number;

  constructor(
    protected readonly it: Prepared,
    /** What is left of each limit. */
    protected readonly left: Float64Array,
    private readonly bar: Bar,
    prices: number,
  ) {
    this.worth = it.block.reals(it.original.length);
    this.top = it.block.reals(it.cliques);
    this.picked = it.block.wholes(it.cliques);
    this.trial = it.block.reals(prices);
    this.mostIdle = it.original.length > FEW_ITEMS ? MOST_IDLE : MOST_IDLE_FEW;
    this.scale = it.block.reals(LIMITS);
    for (let r = 0; r < LIMITS; r += 1) this.scale[r] = 1 / Math.max(HAIR, it.capacity[r] as number);
  }

  /**
   * The most that the candidates could add at these prices, layers aside. Valid for any prices from 0 (Lagrange). Leaves the worth of each
   * candidate in `worth`, the best of each clique in `top` and `picked`.
   */
  protected abstract priced(level: Level, prices: Float64Array): number;
  /** How far what is picked goes beyond all that has a price: the square of its length. */
  protected abstract excess(): number;
  /** Moves the prices on trial along the excess. */
  protected abstract move(reach: number): void;

  /** Before the worth of candidates: nothing is picked. */
  protected clear({ items, count }: Level): void {
    const { top, picked } = this;
    const { clique, cliques } = this.it;
    if (count > cliques) {
      top.fill(0);
      picked.fill(-1);
      return;
    }
    for (let i = 0; i < count; i += 1) {
      const home = clique[items[i] as number] as number;
      top[home] = 0;
      picked[home] = -1;
    }
  }

  /**
   * Better prices for the candidates of a level: a few steps along the subgradient, the best of them kept. Ends at the first
   * bound under which nothing could enter.
   */
  reprice(level: Level, prices: Float64Array, steps: number, before: number): number {
    const { trial, mostIdle } = this;
    let least = this.priced(level, prices);
    let last = least;
    trial.set(prices);
    let idle = 0;
    for (let k = 1; k <= steps && idle < mostIdle && !this.bar.isAbove(before + least); k += 1) {
      const norm = this.excess();
      if (norm < HAIR) break;
      this.move(((FIRST_STRIDE / (1 + k / STRIDE_HALVES)) * Math.max(1, least)) / norm);
      last = this.priced(level, trial);
      idle = last < least - WORTHWHILE * least ? 0 : idle + 1;
      if (last < least) {
        least = last;
        for (let r = 0; r < prices.length; r += 1) prices[r] = trial[r] as number;
      }
    }
    return last === least ? least : this.priced(level, prices);
  }

  /** Drops candidates that cannot be in a better set at these prices; `total` is the most that all could add to `value`. */
  fixOut(level: Level, total: number, value: number): void {
    const { it, top, worth } = this;
    let kept = 0;
    for (let i = 0; i < level.count; i += 1) {
      const item = level.items[i] as number;
      const most = total - (top[it.clique[item] as number] as number) + (worth[item] as number);
      if (this.bar.isAbove(value + most)) continue;
      level.items[kept] = item;
      kept += 1;
    }
    level.count = kept;
  }

  /** What is left of each limit, at its price. */
  protected leftAt(prices: Float64Array): number {
    const { left } = this;
    let sum = 0;
    for (let r = 0; r < LIMITS; r += 1) sum += (prices[r] as number) * (left[r] as number);
    return sum;
  }
}
