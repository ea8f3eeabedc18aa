import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Paradise fish: drawn-out back and anal fins, a lyre of a tail. */
export const paradise: Build = {
  snout: [0, 1.4],
  top: [0.7, 3.4, 2.6, 5.4, 7, 8.4, 15, 12, 27, 14.8, 42, 15.6, 58, 14.8, 75, 12, 90, 9.4, 100, 8.6],
  bottom: [0.8, 0.4, 2.6, 2.6, 7, 6.8, 15, 11.2, 26, 14.6, 40, 15.4, 56, 14.4, 74, 11.6, 90, 9, 100, 8.4],
  eye: [11, 3.6, 3.6],
  mouth: [3.8, 1.8],
  gill: 28,
  scales: [25, 3.6, 0.16],
  dorsal: edge('trail', 34, 82, 18, 1.3),
  anal: edge('trail', 30, 93, 18, 1.2),
  tail: tail('lyre', 48, 20),
  pelvic: pelvic(30, 24, -50, -34),
  pectoral: pectoral(30, -0.2, 18),
};
