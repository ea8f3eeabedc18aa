import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Corydoras. */
export const cory: Build = {
  snout: [0, -4],
  top: [
    0.5, -1.4, 2, 2.4, 6, 9, 13, 14.6, 23, 19.4, 34, 22.4, 42, 21.8, 56, 16.8, 70, 12.6, 84, 9.2, 94, 8, 100,
    8,
  ],
  bottom: [
    0.7, 6.2, 2.6, 8.2, 6, 9.6, 13, 11.8, 23, 14, 36, 15.2, 50, 14.4, 64, 12, 80, 9.2, 92, 7.8, 100, 7.8,
  ],
  eye: [15.5, 7, 3.5],
  mouth: [4, 3.4],
  gill: 29,
  dorsal: edge('short', 35, 52, 22, 0.85),
  anal: edge('fan', 67, 76, 13),
  tail: tail('forked', 27, 18),
  adipose: [82, 8, 7],
  pelvic: pelvic(43, 13),
  pectoral: pectoral(27, -0.72, 20, 0, -34),
  front: ['scutes'],
  barbels: feelers([2.6, -7.6, -4, -7, -1.4], [4, -8.4, -0.4, -7.6, -1], [5, -8.8, 3.4, -6.6, 0]),
};
