import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Silver dollars. */
export const dollar: Build = {
  snout: [0, 2],
  top: [
    0.7, 4.8, 2.4, 8, 6.4, 13.6, 13, 21.4, 23, 30.6, 35, 37.6, 48, 40, 61, 36.6, 76, 24.6, 88, 13, 95, 8, 100,
    7.4,
  ],
  bottom: [
    0.8, 0.2, 2.6, 3.8, 6.6, 11, 13, 21, 23, 32.4, 35, 39.8, 48, 41.8, 62, 37.4, 78, 23.6, 89, 12.2, 95, 8,
    100, 7.4,
  ],
  eye: [12, 4.8, 4.6],
  mouth: [3.6, 1.4],
  gill: 28,
  scales: [28, 3, 0.14],
  dorsal: edge('short', 50, 66, 24),
  anal: edge('sickle', 58, 94, 17),
  tail: tail('forked', 30, 24),
  adipose: [73, 12, 5],
  pelvic: pelvic(46, 9),
  pectoral: pectoral(30, -0.4, 16),
};
