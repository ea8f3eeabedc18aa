import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Red-tailed catfish and other broad heads. */
export const heavycat: Build = {
  snout: [0, -3],
  top: [0.5, -0.8, 2, 2, 6, 5.8, 13, 9, 23, 12.2, 34, 14, 47, 13, 62, 10.6, 78, 8, 91, 6.8, 100, 6.8],
  bottom: [0.6, 5, 2.6, 7.4, 8, 9.8, 17, 11.6, 29, 12.6, 43, 12.4, 58, 10.6, 74, 8, 90, 6.6, 100, 6.6],
  eye: [13.4, 5.4, 1.7],
  mouth: [8, 1.4],
  gill: 28,
  dorsal: edge('short', 36, 48, 18),
  anal: edge('fan', 68, 78, 11),
  tail: tail('notch', 24, 17),
  adipose: [68, 12, 6],
  pelvic: pelvic(50, 12),
  pectoral: pectoral(28, -0.75, 18, 0, -34),
  barbels: feelers([2.6, -4.4, 26, -9, -2], [4, -7.4, 12, -8, -2], [6, -8.6, 7, -6, 0]),
};
