import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Shark catfish of the open water. */
export const iridescent: Build = {
  snout: [0, -1.4],
  top: [0.5, 0.4, 2.2, 2.6, 7, 6, 15, 9.2, 26, 11.8, 37, 12.8, 50, 11.6, 64, 9, 80, 5.8, 91, 4.6, 100, 4.4],
  bottom: [0.7, 3, 2.8, 4.8, 8, 7.6, 17, 10.6, 29, 12.4, 43, 11.8, 58, 9, 74, 6, 89, 4.4, 100, 4.2],
  eye: [9.6, -0.6, 2.6],
  mouth: [4.4, 0.8],
  gill: 22,
  dorsal: edge('short', 34, 43, 22),
  anal: edge('sickle', 60, 84, 13),
  tail: tail('forked', 29, 20),
  adipose: [80, 6, 4],
  pelvic: pelvic(50, 12),
  pectoral: pectoral(23, -0.65, 20, 4, -30),
  barbels: feelers([1.6, -1.6, 10, -5, -1], [3, -4, 6, -5, 0]),
};
