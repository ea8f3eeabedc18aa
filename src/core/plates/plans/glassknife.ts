import type { Build } from '../animal';
import { edge, pectoral } from './fins';

/** Glass knifefish: a thin blade with one long fin below. */
export const glassknife: Build = {
  snout: [0, -0.6],
  top: [0.5, 0.8, 1.8, 2.4, 5, 4.2, 11, 5.6, 24, 6.2, 40, 5.4, 58, 3.8, 76, 2, 90, 1, 100, 0.5],
  bottom: [0.6, 2.2, 2.2, 3.8, 6, 5.6, 13, 6.6, 24, 6.2, 40, 4.6, 58, 2.8, 76, 1.5, 90, 0.8, 100, 0.5],
  eye: [5.6, 1.2, 1.4],
  mouth: [3, 0.8],
  gill: 12,
  anal: edge('long', 14, 84, 4.6, 0.2),
  pectoral: pectoral(12.5, -0.2, 7),
  total: 104,
};
