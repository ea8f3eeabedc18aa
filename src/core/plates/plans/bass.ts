import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Peacock bass: the first half of the back fin spiny, the second high. */
export const bass: Build = {
  snout: [0, 0],
  top: [0.7, 1.6, 2.8, 3.4, 8, 6.4, 16, 10, 26, 13.4, 37, 15, 50, 14.4, 64, 12, 79, 8.6, 90, 7, 100, 7],
  bottom: [
    0.8, 2.2, 3.4, 4.4, 10, 8, 19, 11.2, 30, 13.6, 43, 14, 56, 12.6, 70, 9.8, 84, 7.2, 94, 6.8, 100, 6.8,
  ],
  eye: [15.4, 4.8, 2.9],
  mouth: [10, 2],
  gill: 30,
  scales: [31, 2.4, 0.12],
  dorsal: edge('long', 34, 60, 9, 0.4),
  dorsal2: edge('fan', 62, 85, 13, 0.8),
  anal: edge('fan', 66, 81, 11),
  tail: tail('truncate', 25, 15),
  pelvic: pelvic(36, 17),
  pectoral: pectoral(32, -0.2, 16),
};
