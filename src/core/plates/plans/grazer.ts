import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Algae eaters: a cylinder with a low mouth and a flat belly. */
export const grazer: Build = {
  snout: [0, -3.6],
  top: [0.5, -1.8, 2.2, 0.4, 7, 4.2, 14, 7, 25, 9.2, 38, 10.2, 52, 9.4, 66, 7.8, 82, 5.8, 92, 5.2, 100, 5.2],
  bottom: [0.7, 5, 2.8, 6, 8, 7, 17, 8.2, 30, 9.2, 44, 9.2, 58, 8, 73, 6.2, 88, 5, 100, 5],
  eye: [12, 2.4, 2.9],
  mouth: [3.6, 0.8],
  gill: 24,
  scales: [24, 2.8, 0.14],
  dorsal: edge('short', 38, 51, 18),
  anal: edge('short', 69, 77, 12),
  tail: tail('forked', 26, 17),
  pelvic: pelvic(44, 14),
  pectoral: pectoral(25, -0.75, 18, 2, -30),
  barbels: feelers([1.4, -4.6, -3.4, -2, 0]),
};
