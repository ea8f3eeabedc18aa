import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Synodontis: a tall pointed back fin, a wide adipose fin, long barbels. */
export const squeaker: Build = {
  snout: [0, -3.6],
  top: [0.5, -1.4, 2, 1.6, 6, 6.4, 13, 10.8, 23, 14.2, 34, 16, 46, 14, 60, 11, 76, 8, 90, 6, 100, 5.8],
  bottom: [0.7, 5.4, 2.8, 7, 8, 9, 17, 11, 29, 12.4, 42, 12, 56, 10, 72, 7.4, 88, 5.8, 100, 5.6],
  eye: [15, 5, 3],
  mouth: [4, 1.4],
  gill: 30,
  dorsal: edge('short', 34, 50, 26),
  anal: edge('fan', 68, 78, 12),
  tail: tail('forked', 30, 22),
  adipose: [58, 30, 7],
  pelvic: pelvic(50, 12),
  pectoral: pectoral(28, -0.75, 20, 2, -30),
  barbels: feelers([2, -5.4, 18, -11, -3], [2.4, -6.4, 6, -9, -2], [4, -7.4, 6, -6, 0]),
};
