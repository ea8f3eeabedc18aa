/** What the search found: a value and the indexes of the chosen items, ascending. */
export interface Solution {
  readonly value: number;
  readonly items: readonly number[];
}

/** Two sums that differ by less are one. */
export const HAIR = 1e-9;

/** Ties are broken by the items themselves, so that the same problem gives the same answer. */
function before(a: Solution, b: Solution): boolean {
  if (Math.abs(a.value - b.value) > HAIR) return a.value > b.value;
  const length = Math.min(a.items.length, b.items.length);
  for (let i = 0; i < length; i += 1)
    if (a.items[i] !== b.items[i]) return (a.items[i] as number) < (b.items[i] as number);
  return a.items.length < b.items.length;
}

/** The best solutions so far, in order. */
export class Podium {
  readonly standing: Solution[] = [];
  /** @param keyOf solutions of one key are one: only the best of them stands */
  constructor(
    private readonly size: number,
    private readonly keyOf: ((items: readonly number[]) => string) | null = null,
  ) {}
  /** Where one of the same key stands; -1 where none does. */
  private alike({ items }: Solution): number {
    if (!this.keyOf) return -1;
    const key = this.keyOf(items);
    return this.standing.findIndex((other) => this.keyOf?.(other.items) === key);
  }
  /** What a newcomer has to beat; minus infinity while there is room. */
  get least(): number {
    return this.standing.length < this.size
      ? -Infinity
      : (this.standing[this.standing.length - 1] as Solution).value;
  }
  /** The value of the best; minus infinity while there is none. */
  get best(): number {
    return this.standing[0]?.value ?? -Infinity;
  }
  /** Whether a solution of this value could enter at all. */
  mayEnter(value: number): boolean {
    return value > this.least - HAIR;
  }
  wouldEnter(solution: Solution): boolean {
    const same = this.alike(solution);
    if (same >= 0) return before(solution, this.standing[same] as Solution);
    if (this.standing.length < this.size) return true;
    const last = this.standing[this.standing.length - 1];
    return last === undefined || before(solution, last);
  }
  enter(solution: Solution): void {
    const { standing } = this;
    const same = this.alike(solution);
    if (same >= 0) standing.splice(same, 1);
    let at = standing.length;
    standing.push(solution);
    for (; at > 0 && before(solution, standing[at - 1] as Solution); at -= 1)
      standing[at] = standing[at - 1] as Solution;
    standing[at] = solution;
    if (standing.length > this.size) standing.pop();
  }
}
