import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Pictus and other long-whiskered catfish. */
export const whiskered: Build = {
  snout: [0, -2],
  top: [0.5, -0.2, 2, 2, 6, 5.4, 13, 8.2, 23, 10.4, 33, 11, 47, 9.6, 62, 7.8, 78, 5.8, 91, 5, 100, 5],
  bottom: [0.7, 3.6, 2.8, 5, 8, 6.8, 17, 8.6, 29, 9.6, 43, 9, 58, 7.4, 74, 5.6, 90, 4.8, 100, 4.8],
  eye: [12.6, 4, 2.9],
  mouth: [4, 1],
  gill: 26,
  dorsal: edge('short', 33, 44, 20),
  anal: edge('fan', 66, 76, 11),
  tail: tail('forked', 30, 19),
  adipose: [58, 26, 5.4],
  pelvic: pelvic(48, 12),
  pectoral: pectoral(26, -0.75, 18, 4, -28),
  barbels: feelers([1.6, -2.6, 54, -9, 6], [2.4, -4.8, 18, -10, -3], [4, -5.6, 10, -8, 0]),
};
