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
  /** Where the level stands, and what was worth so far: for the bound when the search is stopped. */
  at: number;
  value: number;
}

/** @param shared how many cliques are shared */
export const makeLevel = (n: number, shared: number): Level => ({
  items: new Int32Array(n),
  suffix: new Float64Array(n),
  prices: new Float64Array(LIMITS),
  shared: new Float64Array(shared > 0 ? LIMITS + shared : 0),
  count: 0,
  at: 0,
  value: 0,
});

/** What a solution must be worth more than: the last of the best, and the floor. It only goes up. */
export class Bar {
  constructor(
    private height: number,
    /** All values are multiples of this; 0 when there is no such. */
    private readonly step: number,
  ) {}

  raise(height: number): void {
    if (height > this.height) this.height = height;
  }

  /** Whether nothing under this bound could enter. Ties are left to what was found first: the order of search is fixed. */
  isAbove(most: number): boolean {
    const { step } = this;
    const reachable = step > 0 ? Math.floor((most + HAIR) / step + HAIR) * step : most;
    return reachable <= this.height + HAIR;
  }
}

/** How many layers stand in these bits. */
export const bitsOf = (bits: number): number => (bits & 1) + ((bits >> 1) & 1) + ((bits >> 2) & 1);
