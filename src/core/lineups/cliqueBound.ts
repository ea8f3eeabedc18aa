import { isIn } from './cliques';
import { type Bar, bitsOf, type Level } from './level';
import { LIMITS, type Prepared } from './prepare';

/**
 * The bound of the tails of a level: its candidates in cliques made anew, those worth most first, of each clique the item worth
 * most. An item may stand in several: its worth is spread over them.
 */
export class CliqueBound {
  /** The clique in which each item is tried. */
  private readonly home: Int32Array;
  /** How many stand in each clique, the most that one of them adds, and what all of them exclude, as bits. */
  private readonly size: Int32Array;
  private readonly top: Float64Array;
  private readonly common: Int32Array;
  private cliques = 0;
  /** Of each item what it is worth in its own clique, less what it leaves unused of the others that it stands in. */
  private readonly rest: Float64Array;
  // Working room.
  private readonly mark: Uint8Array;
  private readonly waiting: Int32Array;
  private readonly place: Int32Array;

  constructor(
    private readonly it: Prepared,
    private readonly worth: Float64Array,
    private readonly left: Float64Array,
    private readonly bar: Bar,
    private readonly layerBonus: number,
  ) {
    const { block, original, words } = it;
    const n = original.length;
    this.home = block.wholes(n);
    // A clique more for each item that could find none.
    this.size = block.wholes(2 * n);
    this.top = block.reals(2 * n);
    this.common = block.wholes(2 * n * words);
    this.rest = block.reals(n);
    this.mark = block.bytes(n);
    this.waiting = block.wholes(n);
    this.place = block.wholes(n);
  }

  /**
   * Candidates in an order whose tails are bounded well: into cliques anew, greedily, since those of the root say little of
   * the few that are left; the clique of the item worth most comes first.
   */
  cover(level: Level): void {
    const { mark, home, waiting, worth } = this;
    const { items, count } = level;
    let last = -1;
    for (let i = 0; i < count; i += 1) {
      const item = items[i] as number;
      mark[item] = 1;
      if (item > last) last = item;
    }
    let sorted = 0;
    for (let item = 0; item <= last; item += 1) {
      if (mark[item] === 0) continue;
      mark[item] = 0;
      const own = worth[item] as number;
      let at = sorted - 1;
      while (at >= 0) {
        const other = waiting[at] as number;
        if ((worth[other] as number) >= own) break;
        waiting[at + 1] = other;
        at -= 1;
      }
      waiting[at + 1] = item;
      sorted += 1;
    }
    // Each to the first clique that it excludes all of.
    const { size, place, common } = this;
    const { words } = this.it;
    let cliques = 0;
    for (let i = 0; i < count; i += 1) {
      const item = waiting[i] as number;
      // The word and the bit of the item in what a clique excludes in common.
      const word = item >> 5;
      const bit = 1 << (item & 31);
      let found = 0;
      while (found < cliques && ((common[found * words + word] as number) & bit) === 0) found += 1;
      if (found === cliques) {
        size[cliques] = 0;
        cliques += 1;
      }
      this.join(item, found, size);
      home[item] = found;
    }
    this.cliques = cliques;
    // Clique after clique, each in the order of worth.
    let start = 0;
    for (let c = 0; c < cliques; c += 1) {
      place[c] = start;
      start += size[c] as number;
    }
    for (let i = 0; i < count; i += 1) {
      const item = waiting[i] as number;
      const c = home[item] as number;
      items[place[c] as number] = item;
      place[c] = (place[c] as number) + 1;
    }
  }

  /** Takes an item into a clique: what all its members exclude, and how many they are. */
  private join(item: number, clique: number, size: Int32Array): void {
    const { common, it } = this;
    const { words, excludes } = it;
    const [to, from] = [clique * words, item * words];
    const isFirst = size[clique] === 0;
    for (let w = 0; w < words; w += 1)
      common[to + w] = isFirst
        ? (excludes[from + w] as number)
        : (common[to + w] as number) & (excludes[from + w] as number);
    size[clique] = (size[clique] as number) + 1;
  }

  /**
   * The most that the candidates from each one on could add, from the last to the first. An item that excludes all of a clique
   * behind it stands in that one too, with as much of its worth as the clique has already: only the rest adds to the bound.
   */
  bound(level: Level, covered: number): void {
    const { it, top, worth, left, rest, size, common, home } = this;
    const { words } = it;
    let sum = 0;
    for (let r = 0; r < LIMITS; r += 1) sum += (level.prices[r] as number) * (left[r] as number);
    let cliques = this.cliques;
    top.fill(0, 0, cliques);
    size.fill(0, 0, cliques);
    let bits = 0;
    for (let i = level.count - 1; i >= 0; i -= 1) {
      const item = level.items[i] as number;
      let own = home[item] as number;
      let more = worth[item] as number;
      let spare = 0;
      for (let c = own + 1; c < cliques && more > 0; c += 1) {
        const most = top[c] as number;
        if (most === 0 || !isIn(common, c * words, item)) continue;
        const part = Math.min(more, most);
        more -= part;
        spare += most - part;
        this.join(item, c, size);
      }
      if ((size[own] as number) > 0 && !isIn(common, own * words, item)) {
        // One of another clique stands there, whom it does not exclude.
        own = cliques;
        home[item] = own;
        top[own] = 0;
        size[own] = 0;
        cliques += 1;
      }
      this.join(item, own, size);
      rest[item] = more - spare;
      const gain = more - (top[own] as number);
      if (gain > 0) {
        sum += gain;
        top[own] = more;
      }
      bits |= it.covers[item] as number;
      level.suffix[i] = sum + this.layerBonus * bitsOf(bits & ~covered);
    }
  }

  /**
   * Drops what cannot be in a better set by the bound of the new cliques; the suffixes stay bounds of what stays. Answers
   * how many of the first `tried` stay.
   */
  fixOut(level: Level, value: number, tried: number): number {
    const { home, top, rest } = this;
    const most = value + (level.count > 0 ? (level.suffix[0] as number) : 0);
    let kept = 0;
    let front = 0;
    for (let i = 0; i < level.count; i += 1) {
      const item = level.items[i] as number;
      if (this.bar.isAbove(most - (top[home[item] as number] as number) + (rest[item] as number))) continue;
      level.items[kept] = item;
      level.suffix[kept] = level.suffix[i] as number;
      kept += 1;
      if (i < tried) front += 1;
    }
    level.count = kept;
    return front;
  }
}
