import type { Build } from '../animal';
import { edge, pectoral, tail } from './fins';

/** Puffers. */
export const puffer: Build = {
  snout: [0, 0],
  top: [0.5, 2.4, 2, 4.6, 6, 9, 13, 14.4, 23, 18.4, 36, 19.2, 50, 17, 66, 12.4, 82, 8.2, 94, 6.8, 100, 6.6],
  bottom: [0.5, 2.4, 2.4, 4.2, 7, 9, 15, 17.2, 27, 24, 41, 25, 55, 20, 69, 12.8, 83, 7.8, 94, 6.6, 100, 6.4],
  eye: [17, 9, 4.9],
  mouth: [2.6, 0.3],
  dorsal: edge('fan', 66, 75, 13),
  anal: edge('fan', 68, 76, 12),
  tail: tail('round', 25, 13),
  pectoral: pectoral(31, -0.05, 14, 28, -52),
};
