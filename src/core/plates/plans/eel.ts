import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Kuhli loaches: a thin body in waves. */
export const eel: Build = {
  snout: [0, -1],
  top: [0.5, 0.8, 1.8, 2.6, 5, 4.4, 12, 5.6, 30, 6.2, 60, 6.2, 84, 5.2, 96, 4.6, 100, 4.4],
  bottom: [0.6, 2.6, 2, 3.6, 6, 4.8, 14, 5.8, 34, 6.4, 62, 6.1, 84, 5, 96, 4.4, 100, 4.2],
  bend: [5.2, 74, 6],
  eye: [5, 2.1, 0.95],
  mouth: [2.4, 0.9],
  dorsal: edge('fan', 63, 69, 5.5),
  anal: edge('fan', 76, 81, 4.5),
  tail: tail('truncate', 9, 5.6),
  pelvic: pelvic(55, 4),
  pectoral: pectoral(11, -0.7, 7),
  barbels: feelers([0.5, -1.4, -4.2, -1.6, 0], [1.4, -2.6, -2.6, -3.8, 0], [2.8, -3.2, -0.2, -3.8, 0]),
};
