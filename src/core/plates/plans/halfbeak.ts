import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Halfbeaks: the lower jaw a beak. */
export const halfbeak: Build = {
  snout: [-14, -0.4],
  top: [-8, 0.6, 0, 1.8, 3, 3, 9, 4.2, 20, 5, 36, 5.4, 54, 5.6, 72, 5, 88, 4, 100, 3.8],
  bottom: [-8, 1, 0, 1.8, 4, 3, 10, 4.4, 22, 5.4, 38, 5.8, 54, 5.6, 72, 4.6, 88, 3.8, 100, 3.6],
  eye: [8, 1.6, 2.4],
  gill: 18,
  dorsal: edge('fan', 74, 86, 8),
  anal: edge('fan', 68, 84, 9),
  tail: tail('round', 16, 9),
  pelvic: pelvic(58, 6),
  pectoral: pectoral(20, 0.3, 10),
};
