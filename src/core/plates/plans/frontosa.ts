import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Frontosas. */
export const frontosa: Build = {
  snout: [0, -6],
  top: [
    0.7, -3.8, 2.4, -1, 3.9, 3, 4.8, 8, 6.8, 14.4, 11, 20, 18, 23.8, 28, 25.2, 43, 23.8, 58, 20, 74, 14.4, 88,
    9.4, 100, 8.6,
  ],
  bottom: [
    0.7, 7.6, 2.8, 9.6, 8, 12.4, 16, 15.6, 27, 18.8, 40, 20.6, 54, 19.4, 68, 15.2, 82, 10.2, 93, 8.2, 100,
    8.2,
  ],
  eye: [16, 3.4, 3.9],
  mouth: [5.4, 1.8],
  gill: 31,
  scales: [31, 4, 0.14],
  dorsal: edge('spiny', 29, 88, 13, 1.2),
  anal: edge('lobe', 62, 85, 19, 1),
  tail: tail('notch', 27, 17),
  pelvic: pelvic(36, 34, -54, -34),
  pectoral: pectoral(33, -0.25, 21),
};
