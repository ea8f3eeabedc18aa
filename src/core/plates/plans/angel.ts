import type { Build } from '../animal';
import { edge, pectoral, tail, threads } from './fins';

/** Angelfish. */
export const angel: Build = {
  snout: [0, -1],
  top: [
    0.7, 0.8, 2.6, 3.4, 7, 7.6, 13, 13.4, 20, 20.6, 29, 28.4, 40, 35.4, 52, 38, 66, 33, 80, 21.6, 91, 11.6,
    97, 8.8, 100, 8.6,
  ],
  bottom: [
    0.8, 2.8, 2.8, 5, 7, 9.6, 13, 16, 21, 24.6, 32, 34, 45, 38.6, 57, 37, 70, 29.4, 82, 18.6, 92, 10.8, 97,
    8.8, 100, 8.6,
  ],
  eye: [13.5, 4.4, 4.2],
  mouth: [3.6, 1.2],
  gill: 29,
  scales: [29, 4, 0.12],
  dorsal: edge('sail', 38, 93, 62),
  anal: edge('sail', 44, 93, 68),
  tail: tail('kite', 42, 21),
  threads: threads(33, 66, 0.95, 1.4),
  pectoral: pectoral(31, -0.06, 22, 30, -20),
};
