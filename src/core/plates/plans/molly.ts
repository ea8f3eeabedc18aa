import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Mollies: a long body, a strong tail root, a wide tail. */
export const molly: Build = {
  snout: [0, 3],
  top: [0.7, 4.4, 2.6, 5.8, 8, 8.4, 17, 11.8, 30, 15, 44, 16, 58, 15, 74, 12.6, 90, 10.8, 100, 10.4],
  bottom: [0.8, -1.4, 2.8, 1.2, 8, 6, 16, 11.4, 28, 16, 42, 17.2, 56, 14.8, 72, 12, 88, 10.6, 100, 10.2],
  eye: [10.2, 4.2, 3.5],
  mouth: [3, 1.6],
  gill: 25,
  scales: [24, 3.8, 0.16],
  dorsal: edge('fan', 36, 62, 17),
  anal: edge('fan', 54, 62, 14),
  tail: tail('round', 30, 18),
  pelvic: pelvic(42, 11),
  pectoral: pectoral(26, -0.1, 15),
};
