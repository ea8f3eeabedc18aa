import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** A thin, flat hunter with a long jaw. */
export const eyebiter: Build = {
  snout: [0, -1],
  top: [0.6, 0, 2.4, 1.2, 8, 3.8, 16, 7, 25, 10.6, 36, 13.6, 47, 14.2, 61, 12, 76, 8.6, 88, 6.4, 100, 6],
  bottom: [0.7, 2.4, 3, 3.8, 9, 6.4, 18, 9.4, 29, 12.4, 42, 14, 55, 13, 68, 10, 82, 7, 93, 6, 100, 5.8],
  eye: [19.5, 4.4, 2.9],
  mouth: [12.5, 1.8],
  gill: 31,
  scales: [31, 2.8, 0.1],
  dorsal: edge('spiny', 33, 88, 11, 1.2),
  anal: edge('spiny', 60, 84, 12),
  tail: tail('notch', 25, 15),
  pelvic: pelvic(37, 18, -60, -26),
  pectoral: pectoral(32, -0.2, 16),
};
