import type { Cm } from '../kernel';
import type { SpeciesProfile } from '../model';

/**
 * a and b of W = a L^b (g, cm) by body shape. The four fish shapes after Froese, Thorson and Reyes 2014 (from memory,
 * orders of magnitude confirmed in the tests); flat discs, armoured bodies and shells from memory alone.
 */
const LENGTH_WEIGHT: Readonly<Record<SpeciesProfile['size']['shape'], readonly [number, number]>> = {
  eel: [0.00102, 3.06],
  elongated: [0.00389, 3.12],
  fusiform: [0.0112, 3.04],
  deep: [0.0191, 2.99],
  flat: [0.045, 3],
  armoured: [0.015, 3],
  shell: [0.15, 3],
};

/**
 * Body mass in g from length in cm. Domain: length > 0.
 * Source: Le Cren 1951 for the form; class values as above.
 * @example bodyMass('fusiform', 10) // 12
 */
export function bodyMass(shape: SpeciesProfile['size']['shape'], lengthCm: Cm): number {
  const [a, b] = LENGTH_WEIGHT[shape];
  return a * lengthCm ** b;
}
