import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Swordtails. */
export const sword: Build = {
  snout: [0, 2],
  top: [0.7, 3.6, 2.6, 4.8, 8, 7, 17, 10, 30, 12.6, 44, 13.6, 58, 12.6, 74, 10.2, 90, 8.6, 100, 8.2],
  bottom: [0.8, -0.4, 2.8, 1.8, 8, 5.6, 16, 9.8, 28, 13.2, 42, 13.8, 56, 12, 72, 9.6, 88, 8.4, 100, 8],
  eye: [9.6, 3.4, 3.3],
  mouth: [3, 1.4],
  gill: 24,
  scales: [24, 3.4, 0.14],
  dorsal: edge('fan', 40, 60, 16),
  anal: edge('lobe', 52, 57, 13, 0.8),
  tail: tail('sword', 66, 15),
  pelvic: pelvic(42, 12),
  pectoral: pectoral(25, -0.1, 14),
};
