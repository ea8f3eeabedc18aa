import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Fast slim barbs and sharks of the open water. */
export const torpedo: Build = {
  snout: [0, -0.6],
  top: [0.7, 1, 2.4, 3, 7, 6, 15, 9.2, 26, 12, 38, 13.4, 50, 12.6, 64, 9.8, 80, 6.6, 91, 5.4, 100, 5.2],
  bottom: [0.8, 2.2, 2.6, 3.8, 7, 6, 15, 8.8, 27, 11.4, 40, 12.2, 54, 10.6, 69, 7.8, 85, 5.4, 100, 5],
  eye: [11, 2.2, 3.5],
  mouth: [3.6, 1.4],
  gill: 24,
  scales: [24, 2.8, 0.12],
  dorsal: edge('short', 42, 55, 20),
  anal: edge('short', 70, 80, 14),
  tail: tail('forked', 29, 18),
  pelvic: pelvic(46, 13),
  pectoral: pectoral(26, -0.5, 16),
};
