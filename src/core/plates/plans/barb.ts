import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Deep barbs. */
export const barb: Build = {
  snout: [0, 0],
  top: [
    0.9, 2.4, 2.8, 4.8, 8, 9.4, 17, 15.6, 29, 21.4, 42, 24.8, 49, 25, 62, 20.4, 76, 13.4, 89, 8.2, 100, 7.6,
  ],
  bottom: [0.9, 1.8, 3, 4.2, 8, 8.2, 17, 13.8, 29, 18.8, 43, 21.4, 57, 19.8, 71, 13.8, 85, 8.2, 100, 7.4],
  eye: [11, 3, 4.5],
  mouth: [4, 1.8],
  gill: 27,
  scales: [27, 4.4, 0.16],
  dorsal: edge('short', 47, 65, 22),
  anal: edge('short', 67, 80, 16),
  tail: tail('forked', 30, 20),
  pelvic: pelvic(44, 15),
  pectoral: pectoral(29, -0.5, 15),
};
