import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Blood parrots: a round body, a beak of a mouth. */
export const parrot: Build = {
  snout: [0, 1],
  top: [
    0.7, 3.2, 1.6, 5.2, 3, 8, 6, 15.6, 11, 23, 19, 28.6, 30, 31, 43, 30.4, 57, 27, 73, 19.6, 87, 12, 100,
    10.4,
  ],
  bottom: [
    0.7, 0.6, 2.2, 2.4, 5, 7.6, 10, 16.6, 18, 24.6, 29, 29.2, 42, 30, 56, 27.4, 70, 21, 84, 13, 93, 10.4, 100,
    10.2,
  ],
  eye: [15.4, 9, 4.6],
  mouth: [2.4, 1.4],
  gill: 30,
  scales: [31, 4, 0.1],
  dorsal: edge('spiny', 32, 91, 13, 1.2),
  anal: edge('lobe', 56, 90, 16),
  tail: tail('round', 24, 17),
  pelvic: pelvic(37, 22, -60, -28),
  pectoral: pectoral(32, -0.2, 20),
};
