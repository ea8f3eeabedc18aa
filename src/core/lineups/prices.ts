import { Descent } from './descent';
import type { Bar, Level } from './level';
import { LIMITS, type Prepared } from './prepare';

/** The bound in which only what adds up has a price: nitrate, and the room of each layer. */
export class Prices extends Descent {
  private readonly used: Float64Array;

  constructor(it: Prepared, left: Float64Array, bar: Bar) {
    super(it, left, bar, LIMITS);
    this.used = it.block.reals(LIMITS);
  }

  protected priced(level: Level, prices: Float64Array): number {
    const { it, picked, used, worth, top } = this;
    const { value, use, clique } = it;
    const { items, count } = level;
    // Written out for the four limits: this is where the search spends its time.
    const p0 = prices[0] as number;
    const p1 = prices[1] as number;
    const p2 = prices[2] as number;
    const p3 = prices[3] as number;
    this.clear(level);
    let sum = this.leftAt(prices);
    let u0 = 0;
    let u1 = 0;
    let u2 = 0;
    let u3 = 0;
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
      if (w <= most) continue;
      sum += w - most;
      top[home] = w;
      const before = picked[home] as number;
      picked[home] = item;
      u0 += use[from] as number;
      u1 += use[from + 1] as number;
      u2 += use[from + 2] as number;
      u3 += use[from + 3] as number;
      if (before < 0) continue;
      const gone = before * LIMITS;
      u0 -= use[gone] as number;
      u1 -= use[gone + 1] as number;
      u2 -= use[gone + 2] as number;
      u3 -= use[gone + 3] as number;
    }
    used[0] = u0;
    used[1] = u1;
    used[2] = u2;
    used[3] = u3;
    return sum;
  }

  protected excess(): number {
    const { used, left, scale } = this;
    let norm = 0;
    for (let r = 0; r < LIMITS; r += 1) {
      const over = ((used[r] as number) - (left[r] as number)) * (scale[r] as number);
      norm += over * over;
    }
    return norm;
  }

  protected move(reach: number): void {
    const { used, left, scale, trial } = this;
    for (let r = 0; r < LIMITS; r += 1) {
      const of = scale[r] as number;
      const over = ((used[r] as number) - (left[r] as number)) * of;
      trial[r] = Math.max(0, (trial[r] as number) + reach * over * of);
    }
  }
}
