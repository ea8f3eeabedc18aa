import jstat from 'jstat';

const { jStat } = jstat;

/** Quantile of Student's t. Domain: 0 < p < 1, degrees of freedom above 0. By the package jstat; checked against SciPy. */
export const studentQuantile = (p: number, degrees: number): number => jStat.studentt.inv(p, degrees);

/** Chance of a chi-square above x. Domain: x >= 0, degrees of freedom above 0. By the package jstat; checked against R. */
export const chiSquareTail = (x: number, degrees: number): number =>
  Math.max(0, Math.min(1, 1 - jStat.chisquare.cdf(x, degrees)));

/** The share of a beta curve below x. By the package jstat. Domain: 0 <= x <= 1, both shapes above 0. */
export const betaShare = (x: number, a: number, b: number): number => jStat.beta.cdf(x, a, b);

const HALVINGS = 200;

/** Where a curve that rises from 0 to 1 up to `top` reaches p: by halving, exact to the last digits that the curve has. */
function reaches(p: number, curve: (share: number) => number, top = 1): number {
  let low = 0;
  let high = top;
  for (let i = 0; i < HALVINGS && high > low; i += 1) {
    const middle = (low + high) / 2;
    if (middle === low || middle === high) break;
    if (curve(middle) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Where the share of a beta curve below is p. */
export const betaQuantile = (p: number, a: number, b: number): number =>
  reaches(p, (x) => betaShare(x, a, b));

/** The share of a gamma curve of scale 1 below x. By the package jstat. Domain: x >= 0, shape above 0. */
const gammaShare = (x: number, shape: number): number => jStat.gamma.cdf(x, shape, 1);

/** Where the share of a gamma curve of scale 1 below is p. Domain: 0 < p < 1, shape above 0. */
export function gammaQuantile(p: number, shape: number): number {
  let top = shape + 1;
  while (gammaShare(top, shape) < p) top *= 2;
  return reaches(p, (x) => gammaShare(x, shape), top);
}

/**
 * The share of a binomial under which what lies at k counts half: P(more than k of n) + P(k) / 2 = p. 0 or 1 where no share
 * does. Source: the mid-P of Lancaster 1961. Domain: k and n whole, 0 <= k <= n, n above 0.
 */
export function midShare(p: number, k: number, n: number): number {
  const atLeast = (count: number, share: number): number =>
    count <= 0 ? 1 : count > n ? 0 : betaShare(share, count, n - count + 1);
  return reaches(p, (share) => (atLeast(k, share) + atLeast(k + 1, share)) / 2);
}

/**
 * The mean of a Poisson count under which what lies at `events` counts half: P(more) + P(as many) / 2 = p. `events` need not be
 * whole: a count that scatters more than chance stands for a smaller one. Source: the mid-P of Lancaster 1961. Domain: events above 0.
 */
export function midGamma(p: number, events: number): number {
  const atLeast = (mean: number): number => (gammaShare(mean, events) + gammaShare(mean, events + 1)) / 2;
  let top = events + 1;
  while (atLeast(top) < p) top *= 2;
  return reaches(p, atLeast, top);
}

/** The 97.5 % point of the normal curve (handbook table: 1.959964). */
export const NORMAL_975 = 1.959963984540054;
