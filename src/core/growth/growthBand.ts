import { addMonths, monthsBetween } from '../kernel';

/** Captive growth runs so much faster or slower than a profile says (common practice; the share from memory). */
export const GROWTH_SPREAD = 0.3;

/**
 * The months between which something begins that growth brings, when fish grow faster or slower than their profile.
 *
 * On a von Bertalanffy curve the time to a length goes as 1/K, and so does the time at which two such curves cross when
 * both are faster by the same share. Both months as `YYYY-MM`; `from` lies after `today`.
 * @example growthBand('2026-11', '2027-09') // ['2027-06', '2028-02']
 */
export function growthBand(today: string, from: string): readonly [string, string] {
  const months = monthsBetween(today, from);
  return [
    addMonths(today, Math.floor(months / (1 + GROWTH_SPREAD))),
    addMonths(today, Math.ceil(months / (1 - GROWTH_SPREAD))),
  ];
}

/** The shortest and the longest it may be after so many months, by the same spread. */
export const lengthBand = (
  lengthAfter: (months: number) => number,
  months: number,
): readonly [number, number] => [
  lengthAfter(months * (1 - GROWTH_SPREAD)),
  lengthAfter(months * (1 + GROWTH_SPREAD)),
];
