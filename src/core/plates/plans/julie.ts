import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Julidochromis. */
export const julie: Build = {
  snout: [0, -1],
  top: [0.6, 0.6, 2.2, 2.8, 6, 5.6, 13, 8.6, 25, 10.8, 41, 11.8, 58, 11, 76, 8.8, 90, 7, 100, 6.6],
  bottom: [0.7, 2.6, 2.6, 4, 7, 6.4, 15, 9, 28, 11.2, 43, 11.6, 60, 10.4, 78, 8, 90, 6.8, 100, 6.6],
  eye: [13, 3, 3.2],
  mouth: [4.4, 1],
  gill: 27,
  scales: [28, 2.8, 0.12],
  dorsal: edge('long', 25, 93, 8.2),
  anal: edge('long', 55, 91, 9),
  tail: tail('round', 21, 13),
  pelvic: pelvic(31, 14),
  pectoral: pectoral(29, -0.15, 16),
};
