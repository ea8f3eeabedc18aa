import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Blue-eyes: two back fins, pectoral fins held high. */
export const blueeye: Build = {
  snout: [0, 1.4],
  top: [0.6, 3, 2.4, 4.4, 7, 6.4, 16, 8.4, 29, 9.8, 44, 10, 58, 8.8, 75, 6.4, 89, 5, 100, 4.8],
  bottom: [0.7, 0, 2.4, 2, 7, 5.2, 15, 8.8, 27, 11, 41, 11.2, 55, 9.6, 71, 6.8, 87, 5, 100, 4.6],
  eye: [10.6, 2.8, 4.6],
  mouth: [3.4, 1.6],
  gill: 25,
  scales: [25, 3.4, 0.1],
  dorsal: edge('fan', 42, 49, 14),
  dorsal2: edge('fan', 54, 73, 15),
  anal: edge('fan', 50, 76, 14),
  tail: tail('forked', 26, 16),
  pelvic: pelvic(40, 14),
  pectoral: pectoral(27, 0.35, 20, 60, 4),
};
