import { scoredWins, type WinTable } from './winTable';

/** David's score of each fish, in the order of the table. */
export interface DavidsScores {
  readonly score: readonly number[];
  /** Brought to 0 .. N - 1: (score + N (N - 1) / 2) / N. */
  readonly normalised: readonly number[];
}

/** The share of a pair's contests that the first won, corrected for chance: Dij = (won + 1/2) / (both + 1). */
const shareOf = (won: number, lost: number): number =>
  won + lost === 0 ? 0 : (won + 0.5) / (won + lost + 1);

/**
 * David's score from Dij: w + w2 - l - l2, where w sums a fish's shares over its rivals, w2 the same weighted by the rivals'
 * w, and l and l2 the losses likewise. Pairs that never met count as 0 both ways (excluded); what neither won is half a win
 * for each.
 *
 * Sources: David 1987; Gammell et al. 2003; the correction for chance of de Vries, Stevens and Vervaecke 2006.
 * Complexity: N^2.
 */
export function davidsScore(table: Pick<WinTable, 'ids' | 'wins' | 'ties'>): DavidsScores {
  const wins = scoredWins(table);
  const n = wins.length;
  const w = new Float64Array(n);
  const l = new Float64Array(n);
  for (let i = 0; i < n; i += 1)
    for (let j = 0; j < n; j += 1) {
      if (i === j) continue;
      const share = shareOf(wins[i]![j]!, wins[j]![i]!);
      w[i]! += share;
      l[j]! += share;
    }
  const score = Array.from({ length: n }, (_, i) => {
    let second = 0;
    for (let j = 0; j < n; j += 1) {
      if (i === j) continue;
      second += shareOf(wins[i]![j]!, wins[j]![i]!) * w[j]! - shareOf(wins[j]![i]!, wins[i]![j]!) * l[j]!;
    }
    return w[i]! - l[i]! + second;
  });
  return { score, normalised: score.map((one) => (n === 0 ? 0 : (one + (n * (n - 1)) / 2) / n)) };
}

/**
 * How steep an order is: the slope of the normalised scores against the ranks 1 .. N, as a positive number; 1 for the
 * steepest order there is, 0 for none. Ranks follow the scores, no average ranks. Null below two fish.
 * Source: de Vries, Stevens and Vervaecke 2006. Depends on how pairs that never met are counted.
 */
export function steepness(normalised: readonly number[]): number | null {
  const n = normalised.length;
  if (n < 2) return null;
  const ordered = [...normalised].sort((a, b) => b - a);
  const middle = (n + 1) / 2;
  const mean = ordered.reduce((sum, one) => sum + one, 0) / n;
  let xy = 0;
  let xx = 0;
  ordered.forEach((one, index) => {
    xy += (index + 1 - middle) * (one - mean);
    xx += (index + 1 - middle) ** 2;
  });
  return Math.abs(xy / xx);
}
