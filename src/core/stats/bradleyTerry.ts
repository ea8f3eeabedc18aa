import type { WinTable } from './winTable';

/** Strengths on the scale of log odds, their mean 0: the first beats the second with odds exp(first - second). */
/** One fish alone, or some that never lost to, or never beat, any of a part of the others. */
export type NoStrength = 'one fish' | 'no upper limit';

export type BradleyTerry =
  | { readonly ok: true; readonly strength: readonly number[] }
  | { readonly ok: false; readonly why: NoStrength };

const ROUNDS = 10_000;
/** The fit stops when no strength moves more than this. */
const STILL = 1e-12;

/** Those that can be reached from the first by going to whom one has beaten, or who has beaten one. */
function reached(wins: WinTable['wins'], forward: boolean): number {
  const seen = new Set([0]);
  const open = [0];
  for (let at = open.pop(); at !== undefined; at = open.pop())
    for (let j = 0; j < wins.length; j += 1)
      if (!seen.has(j) && (forward ? wins[at]![j]! : wins[j]![at]!) > 0) {
        seen.add(j);
        open.push(j);
      }
  return seen.size;
}

/**
 * The model of Bradley and Terry 1952, fitted by the rounds of Zermelo 1929 (Hunter 2004 proves that they converge).
 *
 * A finite fit exists only if everybody can be reached from everybody along the arrows "has beaten" (Ford 1957): that is
 * asked first, and told where it fails. Complexity: rounds x N^2.
 */
export function bradleyTerry({ wins }: WinTable): BradleyTerry {
  const n = wins.length;
  if (n < 2) return { ok: false, why: 'one fish' };
  if (reached(wins, true) < n || reached(wins, false) < n)
    return {
      ok: false,
      why: 'no upper limit',
    };
  let weights = wins.map(() => 1);
  for (let round = 0; round < ROUNDS; round += 1) {
    const next = wins.map((row, i) => {
      let won = 0;
      let met = 0;
      row.forEach((one, j) => {
        if (i === j) return;
        won += one;
        met += (one + wins[j]![i]!) / (weights[i]! + weights[j]!);
      });
      return won / met;
    });
    const mean = Math.exp(next.reduce((sum, one) => sum + Math.log(one), 0) / n);
    const scaled = next.map((one) => one / mean);
    const moved = Math.max(...scaled.map((one, i) => Math.abs(Math.log(one / weights[i]!))));
    weights = scaled;
    if (moved < STILL) break;
  }
  return { ok: true, strength: weights.map(Math.log) };
}
