import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Archerfish: a straight back from the snout, fins far behind. */
export const archer: Build = {
  snout: [0, 4.4],
  top: [
    0.6, 5.4, 3, 6.4, 10, 8.6, 20, 11.4, 32, 14.2, 44, 16.6, 56, 18.4, 64, 18.4, 76, 14.6, 88, 9.4, 100, 8,
  ],
  bottom: [
    0.7, -2.6, 3, 0.4, 9, 5.6, 18, 11.8, 30, 17.4, 43, 19.8, 57, 19, 71, 15.4, 85, 9.8, 94, 8, 100, 7.8,
  ],
  eye: [13.4, 4.6, 4],
  mouth: [6, 3.6],
  gill: 29,
  scales: [29, 3.4, 0.12],
  dorsal: edge('spiny', 56, 84, 14, 0.3),
  anal: edge('spiny', 54, 84, 13, 0.3),
  tail: tail('truncate', 21, 17),
  pelvic: pelvic(40, 13),
  pectoral: pectoral(31, -0.2, 18),
};
