import type { Build } from '../animal';
import { edge, pectoral, tail } from './fins';

/** Monos: a diamond with tall fins. */
export const mono: Build = {
  snout: [0, -1],
  top: [
    0.6, 1.6, 2.2, 5, 6, 11.6, 12, 19.8, 21, 28.4, 32, 34.4, 44, 36.6, 57, 33.6, 71, 25.4, 84, 14.6, 93, 9,
    100, 8.4,
  ],
  bottom: [
    0.7, 3.4, 2.4, 6.4, 7, 12.6, 14, 21, 24, 30, 36, 36, 49, 37, 62, 31.6, 76, 21, 88, 11.4, 95, 8.6, 100,
    8.2,
  ],
  eye: [12.4, 5.4, 5],
  mouth: [3.4, 1],
  gill: 28,
  scales: [28, 2.6, 0.12],
  dorsal: edge('sickle', 42, 92, 26, 0.8),
  anal: edge('sickle', 42, 92, 26, 0.8),
  tail: tail('notch', 22, 17),
  pectoral: pectoral(31, -0.1, 18),
};
