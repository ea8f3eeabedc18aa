import type { Build } from '../animal';
import { edge, pectoral, tail, threads } from './fins';

/** African butterflyfish: wing-like pectoral fins, threads below. */
export const butterflyfish: Build = {
  snout: [0, 4.4],
  top: [0.6, 5.4, 3, 6.4, 9, 7.6, 20, 8.6, 36, 9, 54, 8.6, 72, 7, 88, 5, 100, 4.6],
  bottom: [0.7, -2.6, 3, 0.2, 8, 5, 16, 9.8, 27, 12.8, 40, 12.6, 55, 10, 72, 6.8, 88, 4.8, 100, 4.4],
  eye: [9.4, 3.6, 3.2],
  mouth: [6, 3.8],
  gill: 24,
  scales: [24, 4.4, 0.16],
  dorsal: edge('fan', 70, 78, 10),
  anal: edge('fan', 56, 74, 17),
  tail: tail('lance', 33, 15),
  threads: threads(32, 30, 1, 0.8),
  pectoral: pectoral(24, 0.05, 40, 42, -34),
};
