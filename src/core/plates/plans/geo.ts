import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Eartheaters. */
export const geo: Build = {
  snout: [0, -8],
  top: [
    0.5, -6.2, 2.4, -3.4, 7, 2.4, 13.6, 9.6, 21.6, 16.2, 31, 20.6, 42, 21.4, 56, 19, 72, 13.8, 87, 9.2, 100,
    8.6,
  ],
  bottom: [
    0.7, 9.4, 3, 10.8, 9, 13.2, 18, 15.8, 29, 18, 41, 18.8, 54, 17.6, 68, 13.8, 83, 9.2, 93, 8.2, 100, 8.2,
  ],
  eye: [20, 7.2, 4],
  mouth: [5, 1.8],
  gill: 32,
  scales: [32, 4, 0.16],
  dorsal: edge('spiny', 29, 89, 14, 1.15),
  anal: edge('lobe', 62, 83, 19, 1),
  tail: tail('notch', 30, 18),
  pelvic: pelvic(36, 25, -58, -26),
  pectoral: pectoral(34, -0.3, 23),
};
