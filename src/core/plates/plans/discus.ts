import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Discus. */
export const discus: Build = {
  snout: [0, 0],
  top: [
    0.7, 2.2, 2.6, 5.4, 6.4, 11, 12, 19, 20, 28, 30, 36, 43, 42, 56, 43.4, 70, 38.6, 82, 28.6, 92, 15.4, 97,
    11, 100, 10.6,
  ],
  bottom: [
    0.8, 2, 3, 5, 7.4, 10.6, 14, 19, 23, 28.6, 34, 37, 47, 42.4, 60, 42.4, 73, 35.6, 84, 25, 92.6, 14, 97,
    10.8, 100, 10.4,
  ],
  eye: [16.5, 6, 4.4],
  mouth: [3, 0.8],
  gill: 31,
  scales: [31, 3.4, 0.12],
  dorsal: edge('rim', 22, 96, 13),
  anal: edge('rim', 42, 96, 13),
  tail: tail('truncate', 25, 20),
  pelvic: pelvic(36, 18, -58, -36),
  pectoral: pectoral(33, -0.1, 21, 22, -28),
};
