import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** High cichlids with a steep head and drawn-out fins. */
export const vieja: Build = {
  snout: [0, -4],
  top: [
    0.7, -2, 2.2, 1.8, 5.4, 8.6, 11, 15.8, 19, 21.6, 30, 25.2, 43, 25.8, 57, 23.2, 73, 17.2, 87, 11, 100, 9.8,
  ],
  bottom: [0.8, 6.4, 3, 9, 8, 13, 16, 17.8, 27, 22, 40, 24.2, 54, 23, 68, 18.4, 82, 12, 93, 9.8, 100, 9.6],
  eye: [15.4, 6, 3.2],
  mouth: [5, 1.2],
  gill: 30,
  scales: [31, 3.6, 0.14],
  dorsal: edge('spiny', 31, 91, 14, 1.4),
  anal: edge('spiny', 56, 90, 14, 1.4),
  tail: tail('truncate', 27, 19),
  pelvic: pelvic(37, 23, -60, -28),
  pectoral: pectoral(32, -0.2, 20),
};
