import type { Build } from '../animal';
import { edge, feelers, pectoral, tail } from './fins';

/** Glass catfish: see-through, with a long anal fin. */
export const glasscat: Build = {
  snout: [0, 1.6],
  top: [0.6, 3.4, 2.4, 5.2, 7, 7.4, 14, 8.6, 24, 8.8, 40, 7.8, 58, 6.4, 76, 4.8, 90, 3.6, 100, 3.2],
  bottom: [0.7, 0.6, 2.4, 2.8, 7, 7, 14, 11, 23, 12.4, 36, 10.8, 54, 8, 72, 5.4, 88, 3.8, 100, 3.2],
  eye: [9.6, 2.8, 2.8],
  mouth: [3.4, 1.6],
  gill: 21,
  dorsal: edge('short', 30, 33, 6),
  anal: edge('long', 29, 97, 9, 0.3),
  tail: tail('forked', 23, 15),
  pectoral: pectoral(22, -0.4, 16),
  barbels: feelers([1.4, 1.4, -16, 6, 2], [2, 0, -9, -5, -1]),
};
