import { Descent } from './descent';
import { type Bar, bitsOf, type Level } from './level';
import { LIMITS, type Prepared } from './prepare';

/**
 * The bound in which each shared clique has a price too, paid by all that stand in it: of a clique one item at most is taken. Its prices
 * are those of the limits, then those of the cliques. Far lower than the other where much excludes each other, and slower.
 */
export class SharedPrices extends Descent {
  /** How far what is picked goes beyond all that has a price. */
  private readonly over: Float64Array;
  /** The shared cliques that some candidate stands in; a clique counts once a round. */
  private readonly met: Int32Array;
  private metCount = 0;
  private readonly seen: Int32Array;
  private round = 0;

  constructor(
    it: Prepared,
    left: Float64Array,
    bar: Bar,
    private readonly layerBonus: number,
  ) {
    const { count } = it.shared;
    super(it, left, bar, LIMITS + count);
    this.over = it.block.reals(LIMITS + count);
    this.met = it.block.wholes(count);
    this.seen = it.block.wholes(count);
  }

  protected priced(level: Level, prices: Float64Array): number {
    const { it, picked, over, left, seen, met } = this;
    const { value, use, clique } = it;
    const { start, of } = it.shared;
    const { items, count } = level;
    this.round += 1;
    const { round } = this;
    this.clear(level);
    let sum = this.leftAt(prices);
    for (let r = 0; r < LIMITS; r += 1) over[r] = -(left[r] as number);
    let metCount = 0;
    for (let i = 0; i < count; i += 1) {
      const item = items[i] as number;
      const from = item * LIMITS;
      let w = value[item] as number;
      for (let r = 0; r < LIMITS; r += 1) w -= (prices[r] as number) * (use[from + r] as number);
      for (let k = start[item] as number, end = start[item + 1] as number; k < end; k += 1) {
        const c = of[k] as number;
        const price = prices[LIMITS + c] as number;
        w -= price;
        if (seen[c] === round) continue;
        seen[c] = round;
        over[LIMITS + c] = -1;
        met[metCount] = c;
        metCount += 1;
        sum += price;
      }
      sum += this.pick(item, w);
    }
    this.metCount = metCount;
    for (let i = 0; i < count; i += 1) {
      const item = items[i] as number;
      if (picked[clique[item] as number] !== item) continue;
      const from = item * LIMITS;
      for (let r = 0; r < LIMITS; r += 1) over[r] = (over[r] as number) + (use[from + r] as number);
      for (let k = start[item] as number, end = start[item + 1] as number; k < end; k += 1) {
        const c = LIMITS + (of[k] as number);
        over[c] = (over[c] as number) + 1;
      }
    }
    return sum;
  }

  /** The worth of a candidate; it is picked where it is the best of its clique. Answers what that adds. */
  private pick(item: number, worth: number): number {
    this.worth[item] = worth;
    const home = this.it.clique[item] as number;
    const most = this.top[home] as number;
    if (worth <= most) return 0;
    this.top[home] = worth;
    this.picked[home] = item;
    return worth - most;
  }

  protected excess(): number {
    const { over, scale, met, metCount } = this;
    let norm = 0;
    for (let r = 0; r < LIMITS; r += 1) norm += ((over[r] as number) * (scale[r] as number)) ** 2;
    for (let m = 0; m < metCount; m += 1) norm += (over[LIMITS + (met[m] as number)] as number) ** 2;
    return norm;
  }

  protected move(reach: number): void {
    const { over, scale, met, metCount, trial } = this;
    for (let r = 0; r < LIMITS; r += 1)
      trial[r] = Math.max(0, (trial[r] as number) + reach * (over[r] as number) * (scale[r] as number) ** 2);
    for (let m = 0; m < metCount; m += 1) {
      const c = LIMITS + (met[m] as number);
      const by = over[c] as number;
      if (by !== 0) trial[c] = Math.max(0, (trial[c] as number) + reach * by);
    }
  }

  /** Lowers the bounds of a level's tails to what these prices say of them; to be asked after `reprice`. */
  bound(level: Level, covered: number): void {
    const { it, top, worth, seen } = this;
    const { start, of } = it.shared;
    const prices = level.shared;
    this.round += 1;
    const { round } = this;
    this.clear(level);
    let sum = this.leftAt(prices);
    let bits = 0;
    for (let i = level.count - 1; i >= 0; i -= 1) {
      const item = level.items[i] as number;
      for (let k = start[item] as number, end = start[item + 1] as number; k < end; k += 1) {
        const c = of[k] as number;
        if (seen[c] === round) continue;
        seen[c] = round;
        sum += prices[LIMITS + c] as number;
      }
      const home = it.clique[item] as number;
      const gain = (worth[item] as number) - (top[home] as number);
      if (gain > 0) {
        sum += gain;
        top[home] = worth[item] as number;
      }
      bits |= it.covers[item] as number;
      level.suffix[i] = Math.min(level.suffix[i] as number, sum + this.layerBonus * bitsOf(bits & ~covered));
    }
  }
}
