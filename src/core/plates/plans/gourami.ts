import type { Build } from '../animal';
import { edge, pectoral, tail, threads } from './fins';

/** Gouramis with threads. */
export const gourami: Build = {
  snout: [0, 3.2],
  top: [0.7, 5, 2.6, 6.6, 7, 9, 15, 12.4, 27, 16.8, 40, 19.6, 54, 20, 70, 16.8, 85, 11, 95, 7.6, 100, 6.8],
  bottom: [
    0.8, -1.4, 2.6, 0.8, 7, 6, 14, 11.8, 25, 17.6, 38, 20.6, 54, 19.2, 70, 14.8, 85, 9.2, 95, 6.6, 100, 6.2,
  ],
  eye: [11, 4.2, 3.3],
  mouth: [3.2, 2.4],
  gill: 27,
  scales: [27, 3.6, 0.1],
  dorsal: edge('trail', 48, 66, 26),
  anal: edge('trail', 34, 97, 17, 0.7),
  tail: tail('notch', 27, 18),
  threads: threads(27, 84, 0.34),
  pectoral: pectoral(29, -0.2, 23, 16, -26),
};
