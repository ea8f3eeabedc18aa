import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Kribs: slim and rounded, the brow steeper than the belly. */
export const krib: Build = {
  snout: [0, -2.6],
  top: [
    0.6, -0.8, 2.2, 1.8, 6, 6.2, 12, 10.6, 21, 13.8, 32, 15, 46, 14.4, 60, 12.2, 75, 9.4, 88, 7.6, 100, 7.4,
  ],
  bottom: [
    0.7, 4, 2.6, 5.4, 7, 7.8, 15, 10.6, 26, 13, 39, 13.8, 53, 12.6, 68, 10, 84, 7.6, 94, 7.2, 100, 7.2,
  ],
  eye: [13.4, 3.2, 3.7],
  mouth: [4.4, 1.4],
  gill: 28,
  scales: [28, 3.6, 0.14],
  dorsal: edge('spiny', 27, 90, 11, 1.2),
  anal: edge('lobe', 59, 87, 13),
  tail: tail('spade', 27, 15),
  pelvic: pelvic(35, 18, -60, -24),
  pectoral: pectoral(30, -0.15, 18),
};
