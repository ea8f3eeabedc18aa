import type { Bar, Level } from './level';
import { HAIR } from './podium';
import { LIMITS, type Prepared } from './prepare';

/** How the stride of the steps toward better prices shrinks (by trial). */
const FIRST_STRIDE = 0.5;
const STRIDE_HALVES = 20;
/** After so many steps that brought less than this share there are no more. */
const MOST_IDLE = 20;
const WORTHWHILE = 1e-3;

/** The Lagrangian bound: limits at prices, and of each of the disjoint cliques of the root the item worth most over its price. */
export class Prices {
  /** What each candidate is worth over the price of what it uses. */
  readonly worth: Float64Array;
  private readonly top: Float64Array;
  private readonly picked: Int32Array;
  private readonly used = new Float64Array(LIMITS);
  private readonly trial = new Float64Array(LIMITS);
  /** One over each limit. */
  private readonly scale: Float64Array;

  constructor(
    private readonly it: Prepared,
    /** What is left of each limit. */
    private readonly left: Float64Array,
    private readonly bar: Bar,
  ) {
    this.worth = new Float64Array(it.original.length);
    this.top = new Float64Array(it.cliques);
    this.picked = new Int32Array(it.cliques);
    this.scale = Float64Array.from(it.capacity, (most) => 1 / Math.max(HAIR, most));
  }

  /**
   * The most that the candidates could add at these prices, layers aside: what is left of each limit at its price, and of
   * each clique the item worth most over the price of what it uses. Valid for any prices from 0 (Lagrange). Leaves the
   * worth of each candidate in `worth`, the best of each clique in `top`, what the picked ones use in `used`.
   */
  private priced(level: Level, prices: Float64Array): number {
    const { it, worth, top, picked, used, left } = this;
    const { value, use, clique } = it;
    const { items, count } = level;
    // Written out for the four limits: this is where the search spends its time.
    const p0 = prices[0] as number;
    const p1 = prices[1] as number;
    const p2 = prices[2] as number;
    const p3 = prices[3] as number;
    for (let i = 0; i < count; i += 1) {
      const home = clique[items[i] as number] as number;
      top[home] = 0;
      picked[home] = -1;
    }
    let sum =
      p0 * (left[0] as number) +
      p1 * (left[1] as number) +
      p2 * (left[2] as number) +
      p3 * (left[3] as number);
    for (let i = 0; i < count; i += 1) {
      const item = items[i] as number;
      const from = item * LIMITS;
      const w =
        (value[item] as number) -
        p0 * (use[from] as number) -
        p1 * (use[from + 1] as number) -
        p2 * (use[from + 2] as number) -
        p3 * (use[from + 3] as number);
      worth[item] = w;
      const home = clique[item] as number;
      const most = top[home] as number;
      if (w > most) {
        sum += w - most;
        top[home] = w;
        picked[home] = item;
      }
    }
    let u0 = 0;
    let u1 = 0;
    let u2 = 0;
    let u3 = 0;
    for (let i = 0; i < count; i += 1) {
      const item = items[i] as number;
      if (picked[clique[item] as number] !== item) continue;
      const from = item * LIMITS;
      u0 += use[from] as number;
      u1 += use[from + 1] as number;
      u2 += use[from + 2] as number;
      u3 += use[from + 3] as number;
    }
    used[0] = u0;
    used[1] = u1;
    used[2] = u2;
    used[3] = u3;
    return sum;
  }

  /**
   * Better prices for the candidates of a level: a few steps along the subgradient, the best of them kept. Ends at the first
   * bound under which nothing could enter.
   */
  reprice(level: Level, steps: number, before: number): number {
    const { used, left, trial, scale } = this;
    const { prices } = level;
    let least = this.priced(level, prices);
    let last = least;
    trial.set(prices);
    let idle = 0;
    for (let k = 1; k <= steps && idle < MOST_IDLE && !this.bar.isAbove(before + least); k += 1) {
      let norm = 0;
      for (let r = 0; r < LIMITS; r += 1) {
        const over = ((used[r] as number) - (left[r] as number)) * (scale[r] as number);
        norm += over * over;
      }
      if (norm < HAIR) break;
      const reach = ((FIRST_STRIDE / (1 + k / STRIDE_HALVES)) * Math.max(1, least)) / norm;
      for (let r = 0; r < LIMITS; r += 1) {
        const of = scale[r] as number;
        const over = ((used[r] as number) - (left[r] as number)) * of;
        trial[r] = Math.max(0, (trial[r] as number) + reach * over * of);
      }
      last = this.priced(level, trial);
      idle = last < least - WORTHWHILE * least ? 0 : idle + 1;
      if (last < least) {
        least = last;
        prices.set(trial);
      }
    }
    return last === least ? least : this.priced(level, level.prices);
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
}
