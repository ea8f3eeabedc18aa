import type { WinTable } from './winTable';

/** Strengths on the scale of log odds, their mean 0: the first beats the second with odds exp(first - second). */
/** One fish alone, or some that never lost to, or never beat, any of a part of the others. */
export type NoStrength = 'one fish' | 'no upper limit';

export type BradleyTerry =
  | {
      readonly ok: true;
      readonly strength: readonly number[];
      /** Davidson's nu: how readily equals part undecided; a contest of two equals ends so with chance nu / (2 + nu). */
      readonly tieParameter: number;
    }
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
 * The model of Bradley and Terry 1952, fitted by the rounds of Zermelo 1929 (Hunter 2004 proves that they converge). With
 * contests that neither won it is that of Davidson 1970: the first wins with a chance in proportion to a, the second to b,
 * neither to nu times the square root of a b; fitted by rounds of the same sort (each term is held under its tangent and its
 * mean). Without such contests nu is 0 and the two are one.
 *
 * A finite fit is given only if everybody can be reached from everybody along the arrows "has beaten" (Ford 1957): that is
 * asked first, and told where it fails. Complexity: rounds x N^2.
 *
 * @example bradleyTerry({ ids: ['a', 'b'], wins: [[0, 6], [0, 0]] }) // { ok: false, why: 'no upper limit' }
 */
export function bradleyTerry({ wins, ties }: WinTable): BradleyTerry {
  const n = wins.length;
  if (n < 2) return { ok: false, why: 'one fish' };
  if (reached(wins, true) < n || reached(wins, false) < n) return { ok: false, why: 'no upper limit' };
  const undecided = (i: number, j: number): number => (ties ? ties[i]![j]! : 0);
  const met = (i: number, j: number): number => wins[i]![j]! + wins[j]![i]! + undecided(i, j);
  const allTies = (ties ?? []).reduce((sum, row) => sum + row.reduce((one, v) => one + v, 0), 0) / 2;
  let weights = wins.map(() => 1);
  let nu = allTies > 0 ? 1 : 0;
  for (let round = 0; round < ROUNDS; round += 1) {
    const whole = (i: number, j: number): number =>
      weights[i]! + weights[j]! + nu * Math.sqrt(weights[i]! * weights[j]!);
    const next = wins.map((row, i) => {
      let score = 0;
      let share = 0;
      row.forEach((won, j) => {
        if (i === j) return;
        score += won + undecided(i, j) / 2;
        share += (met(i, j) / whole(i, j)) * (1 + (nu / 2) * Math.sqrt(weights[j]! / weights[i]!));
      });
      return score / share;
    });
    const mean = Math.exp(next.reduce((sum, one) => sum + Math.log(one), 0) / n);
    const scaled = next.map((one) => one / mean);
    let moved = Math.max(...scaled.map((one, i) => Math.abs(Math.log(one / weights[i]!))));
    weights = scaled;
    if (allTies > 0) {
      let share = 0;
      for (let i = 0; i < n; i += 1)
        for (let j = i + 1; j < n; j += 1)
          share += (met(i, j) * Math.sqrt(weights[i]! * weights[j]!)) / whole(i, j);
      moved = Math.max(moved, Math.abs(Math.log(allTies / share / nu)));
      nu = allTies / share;
    }
    if (moved < STILL) break;
  }
  return { ok: true, strength: weights.map(Math.log), tieParameter: nu };
}
