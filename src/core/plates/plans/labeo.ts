import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Red-tailed and rainbow sharks: a high triangular back fin. */
export const labeo: Build = {
  snout: [0, -3.8],
  top: [0.5, -1.6, 2.2, 1.4, 7, 6, 14, 9.6, 25, 12.6, 37, 14, 50, 12.8, 64, 10, 80, 7.2, 92, 6.2, 100, 6.2],
  bottom: [0.7, 5.4, 2.8, 6.8, 8, 8.4, 17, 10, 30, 11.4, 43, 11.4, 57, 9.8, 72, 7.6, 88, 6.2, 100, 6],
  eye: [13, 3, 2.7],
  mouth: [3.6, 0.8],
  gill: 25,
  scales: [25, 3, 0.12],
  dorsal: edge('short', 34, 56, 26, 0.9),
  anal: edge('short', 66, 76, 16),
  tail: tail('forked', 30, 20),
  pelvic: pelvic(45, 17),
  pectoral: pectoral(26, -0.7, 18, 2, -34),
  barbels: feelers([1.2, -5, -3, -2.6, 0], [3, -6.2, -0.6, -3.4, 0]),
};
