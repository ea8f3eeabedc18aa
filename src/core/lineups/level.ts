import type { Block } from './block';
import { HAIR } from './podium';
import { LIMITS } from './prepare';

/** What one level of the search keeps while those below it work. */
export interface Level {
  /** Candidates in the order they are tried. */
  readonly items: Int32Array;
  /** The most that the candidates from here on can add. */
  readonly suffix: Float64Array;
  readonly prices: Float64Array;
  /** The prices of limits and of shared cliques that go together; empty where none are shared. */
  readonly shared: Float64Array;
  count: number;
  /** Where the level stands: for the bound when the search is stopped. */
  at: number;
}

/** @param shared how many cliques are shared */
export const makeLevel = (block: Block, n: number, shared: number): Level => ({
  items: block.wholes(n),
  suffix: block.reals(n),
  prices: block.reals(LIMITS),
  shared: block.reals(shared > 0 ? LIMITS + shared : 0),
  count: 0,
  at: 0,
});

/** What a solution must be worth more than: the last of the best, and the floor. It only goes up. */
export class Bar {
  /** No solution under a bound of so much could enter. */
  private under: number;

  constructor(
    private height: number,
    /** All values are multiples of this; 0 when there is no such. */
    private readonly step: number,
  ) {
    this.under = this.worthless();
  }

  raise(height: number): void {
    if (height <= this.height) return;
    this.height = height;
    this.under = this.worthless();
  }

  /** Whether nothing under this bound could enter. Ties are left to what was found first: the order of search is fixed. */
  isAbove(most: number): boolean {
    return most <= this.under;
  }

  /** Where values come in steps, a bound is worth no more than the last step that it reaches. */
  private worthless(): number {
    const { height, step } = this;
    if (step === 0 || !Number.isFinite(height)) return height + HAIR;
    const stepsBelow = Math.floor((height + HAIR) / step + HAIR);
    return (stepsBelow + 1 - HAIR) * step - HAIR;
  }
}

/** How many layers stand in these bits. */
export const bitsOf = (bits: number): number => (bits & 1) + ((bits >> 1) & 1) + ((bits >> 2) & 1);
