import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Small tetras of a slim build. */
export const tetra: Build = {
  snout: [0, 0],
  top: [0.8, 2.2, 2.4, 4.4, 7, 7.6, 15, 10.6, 28, 12.8, 44, 13.4, 60, 11.2, 76, 7.6, 90, 5, 100, 5],
  bottom: [0.8, 1.8, 2.4, 3.6, 7, 6.6, 15, 10.4, 28, 13.2, 42, 13.8, 56, 12, 71, 8.2, 87, 5, 100, 4.8],
  eye: [9.6, 1.7, 4.5],
  mouth: [4.4, 1.6],
  gill: 25,
  scales: [25, 3.4, 0.12],
  dorsal: edge('short', 47, 60, 21),
  anal: edge('sickle', 60, 85, 15),
  tail: tail('forked', 27, 14),
  adipose: [83, 6, 5],
  pelvic: pelvic(43, 12),
  pectoral: pectoral(27, -0.55, 13),
};
