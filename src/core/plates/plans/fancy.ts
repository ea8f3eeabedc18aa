import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Egg-shaped goldfish with a hanging double tail. */
export const fancy: Build = {
  snout: [0, -1],
  top: [
    0.7, 1.6, 2.4, 5.4, 6, 11, 12, 17.4, 21, 24.4, 33, 29, 46, 28.8, 59, 25, 73, 18.4, 87, 11.6, 100, 9.4,
  ],
  bottom: [0.8, 3.6, 2.6, 6.6, 7, 13, 14, 21.4, 25, 29.6, 39, 33, 53, 31, 67, 24, 81, 15, 92, 10, 100, 9],
  eye: [12.6, 5, 3.6],
  mouth: [3.4, 1.2],
  gill: 27,
  scales: [27, 5, 0.2],
  dorsal: edge('fan', 38, 68, 26, 0.7),
  anal: edge('fan', 74, 84, 20),
  tail: tail('forked', 58, 34, 1.3),
  pelvic: pelvic(44, 22),
  pectoral: pectoral(28, -0.6, 19, 0, -46),
};
