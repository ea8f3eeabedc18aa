import type { Celsius } from '../kernel';

const KELVIN = 273.15;
/** Standard atmosphere by height: sea level 1 atm, lapse 6.5 K/km (ISO 2533; the constants from memory). */
const LAPSE_PER_M = 2.25577e-5;
const LAPSE_POWER = 5.25588;

/** Air pressure in atm at a height in m above the sea. Source: the international standard atmosphere, ISO 2533. */
export const pressureAtm = (altitudeM: number): number => (1 - LAPSE_PER_M * altitudeM) ** LAPSE_POWER;

/**
 * Oxygen at saturation in fresh water, mg/L.
 *
 * Units: °C, atm. Domain: 0 to 40 °C, 0.5 to 1.1 atm, zero salinity. The printed table differs by up to 0.0014 mg/L.
 * Source: Benson and Krause 1984, as in Standard Methods 4500-O.
 * @example oxygenSaturation(25) // 8.26
 */
export function oxygenSaturation(temperatureC: Celsius, atm = 1): number {
  const t = temperatureC + KELVIN;
  const atSeaLevel = Math.exp(
    -139.34411 + 1.575701e5 / t - 6.642308e7 / t ** 2 + 1.2438e10 / t ** 3 - 8.621949e11 / t ** 4,
  );
  const vapour = Math.exp(11.8571 - 3840.7 / t - 216_961 / t ** 2);
  const theta = 0.000975 - 1.426e-5 * temperatureC + 6.436e-8 * temperatureC ** 2;
  return (atSeaLevel * atm * (1 - vapour / atm) * (1 - theta * atm)) / ((1 - vapour) * (1 - theta));
}
