import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Oscars. */
export const oscar: Build = {
  snout: [0, -2],
  top: [
    0.7, 0.6, 2.4, 4.4, 6.6, 9.4, 13, 15, 22, 20.4, 34, 24.2, 47, 25.2, 60, 23.8, 76, 19, 90, 13.4, 100, 12,
  ],
  bottom: [
    0.8, 4.6, 3, 7.4, 8, 11.8, 16, 17.2, 27, 22.2, 40, 24.6, 54, 24.2, 68, 20.8, 82, 15.4, 93, 12.2, 100,
    11.6,
  ],
  eye: [15, 5.2, 3.1],
  mouth: [6, 2.4],
  gill: 31,
  scales: [30, 3.6, 0.14],
  dorsal: edge('lobe', 32, 94, 20, 0.9),
  anal: edge('lobe', 58, 92, 22, 0.8),
  tail: tail('round', 29, 21),
  pelvic: pelvic(37, 20),
  pectoral: pectoral(33, -0.2, 21),
};
