import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Botia loaches. */
export const loach: Build = {
  snout: [0, -5.4],
  top: [0.5, -3.6, 2, -1.2, 6, 3, 12, 7.8, 21, 12.2, 33, 15.4, 45, 16, 58, 14.2, 74, 10.6, 89, 8, 100, 7.8],
  bottom: [0.6, 7, 2.4, 8.2, 7, 9.6, 15, 11.4, 26, 13.4, 40, 14.4, 54, 13.4, 70, 10.6, 87, 7.6, 100, 7.4],
  eye: [15, 3.8, 2.6],
  mouth: [3.6, 1.8],
  gill: 28,
  dorsal: edge('short', 40, 56, 18),
  anal: edge('short', 71, 79, 14),
  tail: tail('forked', 28, 20),
  pelvic: pelvic(46, 13),
  pectoral: pectoral(28, -0.8, 17, -4, -44),
  barbels: feelers([0.6, -6.4, -3.6, -4.4, 0], [1.8, -7.6, -2, -6, 0], [3.6, -8.6, 0.4, -5.6, 0]),
};
