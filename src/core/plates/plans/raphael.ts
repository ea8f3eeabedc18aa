import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Talking catfish: a broad head, thorned flanks, a thin tail. */
export const raphael: Build = {
  snout: [0, -2.6],
  top: [0.5, -0.4, 2, 2.4, 6, 6.6, 13, 10, 22, 12.6, 32, 13.4, 45, 11.6, 60, 8.8, 76, 6.2, 90, 5, 100, 5],
  bottom: [0.7, 4.6, 2.8, 6.8, 8, 9.4, 17, 11.6, 29, 12.6, 42, 11.4, 57, 8.6, 73, 6.2, 89, 4.8, 100, 4.8],
  eye: [12, 4.8, 2],
  mouth: [4.4, 1],
  gill: 26,
  dorsal: edge('short', 30, 42, 20),
  anal: edge('fan', 66, 76, 12),
  tail: tail('round', 22, 14),
  adipose: [78, 8, 5],
  pelvic: pelvic(50, 12),
  pectoral: pectoral(25, -0.7, 22, 2, -30),
  barbels: feelers([1.4, -3.4, 14, -10, -3], [3, -6, 5, -8, -1], [5, -7.6, 4, -5, 0]),
};
