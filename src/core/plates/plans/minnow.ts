import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Small slender shoalers: white clouds, dwarf rasboras. */
export const minnow: Build = {
  snout: [0, 1],
  top: [0.8, 2.6, 2.4, 4, 7, 6.2, 16, 8.6, 30, 10.4, 46, 10.8, 60, 9.4, 77, 6.6, 90, 5, 100, 4.8],
  bottom: [0.7, 0.4, 2.4, 2.2, 7, 5.2, 16, 8.8, 29, 11.4, 43, 11.8, 57, 9.8, 73, 6.8, 88, 4.8, 100, 4.6],
  eye: [9.6, 2.4, 4.2],
  mouth: [4, 2],
  gill: 23,
  scales: [23, 3.2, 0.12],
  dorsal: edge('short', 54, 65, 18),
  anal: edge('short', 65, 77, 13),
  tail: tail('forked', 26, 14),
  pelvic: pelvic(46, 11),
  pectoral: pectoral(25, -0.45, 14),
};
