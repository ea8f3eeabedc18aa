import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Male guppies. */
export const guppy: Build = {
  snout: [0, 2.8],
  top: [0.6, 4.2, 2.4, 5.2, 8, 7, 17, 8.8, 30, 10, 46, 10.2, 62, 9.4, 80, 7.8, 100, 7.2],
  bottom: [0.7, -1.2, 2.6, 1, 7, 4.4, 15, 8.6, 26, 11.4, 38, 11.4, 50, 9.4, 66, 7.6, 84, 7, 100, 7],
  eye: [8.8, 3.2, 3.3],
  mouth: [2.8, 1.6],
  gill: 22,
  scales: [22, 3.2, 0.12],
  dorsal: edge('drape', 50, 58, 18, 1.5),
  anal: edge('lobe', 45, 49, 15, 0.8),
  tail: tail('delta', 62, 40),
  pelvic: pelvic(38, 8),
  pectoral: pectoral(23, 0, 13),
};
