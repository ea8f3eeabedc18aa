import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Goldfish and koi of the long build. */
export const carp: Build = {
  snout: [0, -2],
  top: [0.7, 0, 2.6, 2.8, 7, 7, 14, 11.4, 24, 16, 35, 18.6, 47, 18.2, 61, 15.4, 76, 11, 89, 8, 100, 7.6],
  bottom: [
    0.8, 3.6, 2.8, 5.6, 8, 9, 16, 13, 27, 16.6, 40, 17.6, 54, 16, 68, 12.4, 83, 8.6, 93, 7.6, 100, 7.4,
  ],
  eye: [11.6, 3.6, 2.8],
  mouth: [3.6, 1.2],
  gill: 25,
  scales: [25, 4.6, 0.2],
  dorsal: edge('spiny', 37, 74, 14, 0.2),
  anal: edge('short', 72, 82, 14),
  tail: tail('forked', 30, 20),
  pelvic: pelvic(43, 15),
  pectoral: pectoral(26, -0.65, 17, 4, -40),
};
