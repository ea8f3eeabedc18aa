import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Peacocks. */
export const peacock: Build = {
  snout: [0, -3],
  top: [0.6, -1.4, 2.2, 1, 7, 5.8, 14, 10.6, 22, 14.6, 32, 17.4, 44, 17.8, 58, 15.4, 74, 11, 88, 7.6, 100, 7],
  bottom: [
    0.7, 4.4, 2.6, 6, 8, 9.2, 16, 12.8, 27, 15.8, 40, 17, 54, 16, 68, 12.4, 82, 8.4, 93, 6.8, 100, 6.8,
  ],
  eye: [15.5, 3.2, 4.2],
  mouth: [5, 1],
  gill: 30,
  scales: [30, 3.8, 0.16],
  dorsal: edge('spiny', 29, 88, 13.5),
  anal: edge('lobe', 61, 84, 18, 0.95),
  tail: tail('notch', 27, 16),
  pelvic: pelvic(36, 24, -60, -26),
  pectoral: pectoral(32, -0.25, 20),
};
