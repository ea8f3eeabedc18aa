import type { Celsius } from '../kernel';

/** From this much un-ionised ammonia on gills are hurt, mg/L (common practice; gills burn from a few hundredths). */
export const TOXIC_AMMONIA_MGL = 0.02;

/** Ice point, K. */
const KELVIN = 273.15;

/**
 * Share of ammonia that is un-ionised (NH3) in fresh water, 0 to 1.
 *
 * pKa = 0.09018 + 2729.92 / T[K]; share = 1 / (1 + 10^(pKa - pH)). Units: °C, pH. Domain: 0 to 40 °C, zero salinity.
 * T = t + 273.15; the table of the paper was made with 273.2, about 0.4 % of the share away.
 * Source: Emerson, Russo, Lund and Thurston 1975.
 * @example ammoniaFraction(25, 8) // 0.0537
 */
export function ammoniaFraction(temperatureC: Celsius, ph: number): number {
  const pKa = 0.09018 + 2729.92 / (temperatureC + KELVIN);
  return 1 / (1 + 10 ** (pKa - ph));
}
