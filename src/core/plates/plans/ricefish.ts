import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Ricefish and lampeyes: a straight back, a turned-up mouth, a long anal fin. */
export const ricefish: Build = {
  snout: [0, 3.4],
  top: [0.6, 4.6, 2.4, 5.4, 8, 6.6, 18, 7.8, 32, 8.8, 48, 9.2, 62, 8.8, 78, 6.8, 90, 5.4, 100, 5],
  bottom: [0.7, -1.8, 2.4, 0.6, 7, 4.4, 15, 8.4, 26, 11.6, 40, 12.2, 54, 10.4, 70, 7.4, 86, 5.2, 100, 4.8],
  eye: [10, 3.4, 4.4],
  mouth: [3.2, 2],
  gill: 24,
  scales: [24, 3.2, 0.1],
  dorsal: edge('fan', 72, 82, 12),
  anal: edge('long', 56, 83, 11, 0.7),
  tail: tail('truncate', 24, 14),
  pelvic: pelvic(44, 9),
  pectoral: pectoral(26, 0.15, 15, 34, -8),
};
