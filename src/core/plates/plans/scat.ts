import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Scats: a high square body. */
export const scat: Build = {
  snout: [0, -4],
  top: [
    0.6, -1.6, 2, 2.4, 5, 9, 10, 16.6, 18, 25, 28, 31, 40, 33, 54, 30.8, 69, 24, 83, 14.6, 93, 9.4, 100, 8.8,
  ],
  bottom: [
    0.7, 6.6, 2.4, 9.4, 7, 14.8, 14, 21.4, 24, 27.8, 36, 31, 50, 30.6, 64, 25.6, 78, 16.8, 90, 10, 100, 8.6,
  ],
  eye: [13.4, 4.4, 4],
  mouth: [3.6, 0.6],
  gill: 28,
  scales: [28, 2.4, 0.1],
  dorsal: edge('spiny', 28, 62, 13, 0.3),
  dorsal2: edge('fan', 62, 90, 14, 0.6),
  anal: edge('fan', 58, 89, 15, 0.6),
  tail: tail('truncate', 21, 17),
  pelvic: pelvic(36, 15),
  pectoral: pectoral(31, -0.25, 16),
};
