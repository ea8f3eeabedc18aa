import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Slim bottom loaches. */
export const stoneloach: Build = {
  snout: [0, -2.6],
  top: [0.5, -0.8, 2, 1, 6, 4, 13, 6.4, 24, 8, 38, 8.4, 54, 7.8, 70, 6.6, 86, 5.6, 100, 5.4],
  bottom: [0.6, 4.2, 2.4, 5.2, 7, 6.4, 16, 7.4, 28, 8, 42, 8, 57, 7.2, 73, 6, 88, 5.2, 100, 5.2],
  eye: [11.6, 3.4, 1.8],
  mouth: [3, 1],
  gill: 20,
  dorsal: edge('fan', 44, 56, 14),
  anal: edge('fan', 70, 78, 11),
  tail: tail('notch', 20, 12),
  pelvic: pelvic(48, 11),
  pectoral: pectoral(21, -0.75, 15, -2, -34),
  barbels: feelers([0.6, -3.6, -3.4, -1.6, 0], [1.8, -4.6, -1.8, -3.4, 0], [3.4, -5.2, 0.6, -3.6, 0]),
};
