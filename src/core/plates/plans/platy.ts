import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Platies and mollies. */
export const platy: Build = {
  snout: [0, 1.6],
  top: [0.7, 3.6, 2.6, 5.6, 8, 9.2, 17, 14.2, 30, 18, 44, 19.4, 58, 17.8, 74, 14, 90, 11.2, 100, 10.8],
  bottom: [0.8, 0, 3, 2.6, 8, 8, 16, 13.8, 28, 18.8, 42, 19.8, 56, 16.8, 72, 12.8, 88, 10.8, 100, 10.6],
  eye: [10.4, 3.8, 3.8],
  mouth: [3.4, 1.2],
  gill: 26,
  scales: [24, 4.2, 0.16],
  dorsal: edge('fan', 43, 63, 19),
  anal: edge('fan', 56, 65, 15),
  tail: tail('round', 30, 19),
  pelvic: pelvic(42, 12),
  pectoral: pectoral(27, -0.1, 15),
};
