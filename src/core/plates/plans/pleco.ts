import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Suckermouth catfish. */
export const pleco: Build = {
  snout: [0, -6.6],
  top: [0.4, -4, 2, -0.4, 6, 5, 12, 9.8, 21, 13.2, 32, 14.4, 46, 11.8, 62, 7.8, 80, 4.8, 92, 4.6, 100, 5.2],
  bottom: [0.8, 8.8, 3.6, 9.8, 10, 10.2, 20, 10.2, 32, 10, 46, 9.2, 60, 7.6, 76, 5.6, 90, 5.2, 100, 5.8],
  eye: [18, 7.4, 2.1],
  gill: 30,
  dorsal: edge('fan', 32, 54, 19, 0.9),
  anal: edge('fan', 66, 71, 9),
  tail: tail('truncate', 28, 15, 1.15),
  adipose: [78, 10, 8],
  pelvic: pelvic(41, 17, -38, -4),
  pectoral: pectoral(23, -0.72, 26, -2, -32),
  sucker: [7, 10, 2.3],
  behind: ['sucker'],
  front: ['bristles'],
};
