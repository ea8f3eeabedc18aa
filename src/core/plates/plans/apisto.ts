import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Apistogramma and other slim dwarf cichlids. */
export const apisto: Build = {
  snout: [0, -1],
  top: [0.6, 0.8, 2.2, 3.4, 6, 7.4, 12, 11.2, 21, 14, 32, 15.4, 44, 15, 58, 12.8, 74, 9.8, 88, 7.8, 100, 7.6],
  bottom: [
    0.7, 2.6, 2.6, 4.2, 7, 7, 15, 10.6, 26, 13.4, 39, 14.4, 53, 13.2, 68, 10.4, 84, 7.8, 94, 7.4, 100, 7.4,
  ],
  eye: [12.6, 3.8, 4],
  mouth: [4.2, 1.2],
  gill: 27,
  scales: [27, 3.6, 0.14],
  dorsal: edge('spiny', 27, 90, 12, 1.1),
  anal: edge('lobe', 58, 86, 14),
  tail: tail('round', 26, 15),
  pelvic: pelvic(35, 20, -60, -26),
  pectoral: pectoral(30, -0.15, 18),
};
