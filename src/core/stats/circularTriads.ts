import { dominated, type WinTable } from './winTable';

/** Threes in which A beats B, B beats C and C beats A. */
export interface CircularTriads {
  readonly circularTriads: number;
  /** Kendall's coefficient: 1 for none of them, 0 for as many as there can be; null where there can be none. */
  readonly k: number | null;
}

/**
 * Circular triads d = N (N - 1) (2 N - 1) / 12 - the sum of V^2 / 2, and K = 1 - d / d_max with d_max = (N^3 - N) / 24 for an
 * odd number of fish, (N^3 - 4 N) / 24 for an even one. Ties and unknown pairs count one half, so that d may be a fraction.
 * Source: Kendall and Babington Smith 1940.
 */
export function circularTriads(table: WinTable): CircularTriads {
  const n = table.ids.length;
  const squares = dominated(table).reduce((sum, v) => sum + v * v, 0);
  const triads = (n * (n - 1) * (2 * n - 1)) / 12 - squares / 2;
  const most = n % 2 === 1 ? (n ** 3 - n) / 24 : (n ** 3 - 4 * n) / 24;
  return { circularTriads: Math.max(0, triads), k: most > 0 ? 1 - triads / most : null };
}
