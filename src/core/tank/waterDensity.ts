/**
 * Density of air-free fresh water at 1 atm in kg/m3 by temperature in °C, 0 to 40.
 *
 * Source: Kell 1975, J. Chem. Eng. Data 20, 97 (coefficients from memory, checked against computed reference values).
 * @example waterDensity(25) // 997.04
 */
export function waterDensity(t: number): number {
  const top =
    999.83952 +
    16.945176 * t -
    7.9870401e-3 * t ** 2 -
    46.170461e-6 * t ** 3 +
    105.56302e-9 * t ** 4 -
    280.54253e-12 * t ** 5;
  return top / (1 + 16.87985e-3 * t);
}
