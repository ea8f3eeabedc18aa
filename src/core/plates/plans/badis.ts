import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Badis and dario. */
export const badis: Build = {
  snout: [0, -1],
  top: [0.6, 0.8, 2.4, 3, 6, 6.6, 12, 10, 21, 13, 32, 14.6, 45, 14.2, 59, 12.4, 74, 9.8, 88, 8, 100, 7.6],
  bottom: [
    0.7, 2.8, 2.6, 4.4, 7, 7.2, 15, 10.6, 26, 13.2, 39, 13.8, 53, 12.6, 68, 10.2, 84, 7.8, 94, 7.4, 100, 7.2,
  ],
  eye: [12.6, 3.4, 4],
  mouth: [5, 1.2],
  gill: 27,
  scales: [27, 3.6, 0.14],
  dorsal: edge('long', 25, 90, 11, 0.5),
  anal: edge('lobe', 60, 85, 13, 0.7),
  tail: tail('round', 23, 14),
  pelvic: pelvic(33, 20, -58, -30),
  pectoral: pectoral(29, -0.2, 16),
};
