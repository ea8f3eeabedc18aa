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

/** Where the share of a beta curve below is p: by halving, exact to the last digits that the share has. */
export function betaQuantile(p: number, a: number, b: number): number {
  let low = 0;
  let high = 1;
  for (let i = 0; i < HALVINGS && high > low; i += 1) {
    const middle = (low + high) / 2;
    if (middle === low || middle === high) break;
    if (betaShare(middle, a, b) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** The 97.5 % point of the normal curve (handbook table: 1.959964). */
export const NORMAL_975 = 1.959963984540054;
