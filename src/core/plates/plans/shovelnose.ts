import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Shovelnose catfish: a long flat head. */
export const shovelnose: Build = {
  snout: [0, -0.8],
  top: [0.5, 0.4, 3, 1.8, 10, 3.4, 18, 5.4, 28, 7.6, 38, 8.8, 50, 8.4, 64, 7, 80, 5, 91, 4.2, 100, 4.2],
  bottom: [0.6, 2, 4, 3, 12, 4.4, 22, 6.2, 33, 7.6, 46, 7.8, 60, 6.8, 76, 5, 90, 4, 100, 4],
  eye: [19, 3.4, 1.6],
  mouth: [12, 0.8],
  gill: 30,
  dorsal: edge('short', 37, 46, 15),
  anal: edge('fan', 68, 78, 9),
  tail: tail('forked', 25, 16),
  adipose: [68, 14, 4.6],
  pelvic: pelvic(52, 9),
  pectoral: pectoral(30, -0.75, 14, 0, -30),
  barbels: feelers([3, -2, 36, -10, 2], [6, -3.4, 14, -9, -1]),
};
