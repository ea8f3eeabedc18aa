/** Odds of the sexes among juveniles that nobody can sex: each is male with the same chance, on its own. Exact. */

/** What a keeper wants to end up with. */
export interface Wanted {
  readonly males: number;
  readonly females: number;
}

/** Nobody buys more than this at once; a search for a purchase stops here. */
const MOST = 200;

/**
 * Chance of exactly k males among n. Source: binomial distribution, exact (product form, no logarithms).
 *
 * Domain: 0 <= p <= 1, n a whole number from 0. Outside 0..n the chance is 0.
 * @example malesChance(6, 3, 0.5) // 0.3125
 */
export function malesChance(n: number, k: number, p: number): number {
  if (k < 0 || k > n) return 0;
  let chance = 1;
  const few = Math.min(k, n - k);
  // Factors are multiplied in turns, so that neither tiny nor huge numbers pile up.
  for (let i = 1; i <= few; i += 1) chance *= ((n - few + i) / i) * p * (1 - p);
  return chance * p ** (k - few) * (1 - p) ** (n - k - few);
}

/** Chance that the number of males among n satisfies a condition. */
export function chanceThat(n: number, p: number, holds: (males: number, females: number) => boolean): number {
  let sum = 0;
  for (let males = 0; males <= n; males += 1) if (holds(males, n - males)) sum += malesChance(n, males, p);
  return Math.min(1, sum);
}

/** At least one of each sex. */
export const pairChance = (n: number, p: number): number => chanceThat(n, p, (m, f) => m > 0 && f > 0);
export const oneMaleChance = (n: number, p: number): number => malesChance(n, 1, p);
/** Two males that watch only each other. */
export const twoMalesChance = (n: number, p: number): number => malesChance(n, 2, p);
/** Sexes that do not pair off evenly: somebody is left over. */
export const oddOneOutChance = (n: number, p: number): number => chanceThat(n, p, (m, f) => m !== f);
/** At least so many of each. */
export const atLeastChance = (n: number, p: number, wanted: Wanted): number =>
  chanceThat(n, p, (m, f) => m >= wanted.males && f >= wanted.females);
/** At least one male and no fewer than k females to each. */
export const ratioChance = (n: number, p: number, femalesPerMale: number): number =>
  chanceThat(n, p, (m, f) => m > 0 && f >= m * femalesPerMale);

/** The smallest purchase that holds what is wanted with this chance; null when two hundred are not enough. */
export function smallestPurchase(chance: number, p: number, wanted: Wanted): number | null {
  for (let n = Math.max(1, wanted.males + wanted.females); n <= MOST; n += 1)
    if (atLeastChance(n, p, wanted) >= chance) return n;
  return null;
}

/** How many of each sex are left over on average when only what is wanted is kept. */
export function expectedSurplus(n: number, p: number, keep: Wanted): Wanted {
  let males = 0;
  let females = 0;
  for (let m = 0; m <= n; m += 1) {
    const chance = malesChance(n, m, p);
    males += chance * Math.max(0, m - keep.males);
    females += chance * Math.max(0, n - m - keep.females);
  }
  return { males, females };
}
