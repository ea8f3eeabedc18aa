import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Tiger perches: a concave brow, a large mouth. */
export const datnoid: Build = {
  snout: [0, -2],
  top: [
    0.6, -0.4, 2.6, 2, 7, 5.2, 13, 8.8, 20, 13.8, 29, 20, 39, 23.2, 51, 22.8, 65, 19.4, 80, 13.6, 92, 9.8,
    100, 9.4,
  ],
  bottom: [0.7, 3.8, 3, 6.4, 9, 10.6, 18, 15.4, 30, 19.6, 43, 21, 57, 19.6, 72, 15, 86, 10.4, 100, 9.2],
  eye: [14, 4.2, 3.4],
  mouth: [8, 1.8],
  gill: 29,
  scales: [29, 2.8, 0.14],
  dorsal: edge('spiny', 36, 66, 15, 0),
  dorsal2: edge('fan', 66, 86, 15, 0.7),
  anal: edge('fan', 66, 84, 14, 0.7),
  tail: tail('round', 22, 16),
  pelvic: pelvic(36, 18),
  pectoral: pectoral(31, -0.25, 16),
};
