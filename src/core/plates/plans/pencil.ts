import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Pencilfish: a thin spindle with a pointed mouth. */
export const pencil: Build = {
  snout: [0, 0.2],
  top: [0.6, 1, 2.4, 2, 7, 4, 15, 6.4, 28, 8.2, 44, 8.8, 60, 7.8, 78, 5.6, 90, 4.6, 100, 4.4],
  bottom: [0.6, 0.8, 2.4, 2, 7, 4, 15, 6.6, 28, 8.8, 44, 9.2, 58, 8, 76, 5.6, 90, 4.4, 100, 4.2],
  eye: [9, 1, 3.2],
  mouth: [2.6, 0.6],
  gill: 22,
  scales: [22, 2.8, 0.12],
  dorsal: edge('short', 50, 60, 17),
  anal: edge('short', 71, 79, 11),
  tail: tail('forked', 24, 13),
  pelvic: pelvic(47, 11),
  pectoral: pectoral(24, -0.4, 13),
};
