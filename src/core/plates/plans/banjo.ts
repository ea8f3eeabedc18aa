import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Banjo catfish: a flat disc of a head and a thin tail. */
export const banjo: Build = {
  snout: [0, -4.4],
  top: [0.5, -3, 3, 0.2, 9, 3.8, 18, 6.4, 29, 7.2, 40, 5, 52, 2.8, 68, 1.8, 84, 1.4, 100, 1.2],
  bottom: [0.7, 5.4, 4, 6.2, 14, 6.6, 28, 6.8, 40, 5.4, 52, 3.6, 68, 2.4, 84, 1.6, 100, 1.2],
  eye: [9, 2.4, 0.9],
  mouth: [4, 0.4],
  gill: 0,
  dorsal: edge('short', 34, 41, 10),
  anal: edge('long', 56, 70, 4),
  tail: tail('round', 14, 6),
  pelvic: pelvic(44, 7),
  pectoral: pectoral(22, -0.6, 20, 2, -24),
  barbels: feelers([1.6, -4.8, 12, -5, -1], [4, -6, 4, -4, 0]),
};
