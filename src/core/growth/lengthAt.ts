import type { Cm } from '../kernel';

/**
 * Length after some years on a von Bertalanffy curve that passes through `length0` now.
 *
 * L(t) = Linf - (Linf - L0) exp(-K t). Units: cm, years, K per year. Domain: t >= 0; a fish already at or above its
 * final length keeps it. Source: von Bertalanffy 1938.
 * @example lengthAt(25, 0.83, 5.5, 1) // 16.5
 */
export function lengthAt(finalCm: Cm, ratePerYear: number, length0: number, years: number): number {
  if (length0 >= finalCm) return length0;
  return finalCm - (finalCm - length0) * Math.exp(-ratePerYear * years);
}

/**
 * K per year from two lengths and the years between them, toward a final length; the inverse of `lengthAt`.
 * @example growthRate(25, 5.5, 16.5, 1) // 0.83
 */
export function growthRate(finalCm: Cm, fromCm: Cm, toCm: Cm, years: number): number {
  return -Math.log((finalCm - toCm) / (finalCm - fromCm)) / years;
}
