import type { Level } from './level';
import type { Prepared } from './prepare';

/** The required groups of items, of each of which one must be taken. */
export class Musts {
  private readonly groups: Prepared['required'];
  /** Working room. */
  private readonly later: Int32Array;

  /** @param taken 1 at each item that is taken, as the search goes */
  constructor(
    it: Prepared,
    private readonly taken: Uint8Array,
  ) {
    this.groups = it.required;
    this.later = it.block.wholes(it.original.length);
  }

  /** Whether each group has an item that is taken. */
  areMet(): boolean {
    for (const group of this.groups) if (!this.isServed(group)) return false;
    return true;
  }

  /**
   * Brings the candidates of a group that is not served yet to the front, for only they may be taken next: the group with the
   * fewest. Answers how many stand there; all of them when every group is served.
   */
  serve(level: Level): number {
    const { later } = this;
    const fewest = this.fewest(level);
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

  private isServed(group: readonly number[]): boolean {
    return group.some((item) => this.taken[item] === 1);
  }

  /** The group not served yet that has the fewest candidates; null when all are served. */
  private fewest(level: Level): readonly number[] | null {
    let fewest: readonly number[] | null = null;
    let least = Infinity;
    for (const group of this.groups) {
      if (this.isServed(group)) continue;
      let count = 0;
      for (let i = 0; i < level.count; i += 1) if (group.includes(level.items[i] as number)) count += 1;
      if (count < least) [fewest, least] = [group, count];
    }
    return fewest;
  }
}
