import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Shell dwellers. */
export const shell: Build = {
  snout: [0, 0],
  top: [0.7, 2, 2.4, 5, 6, 9, 12, 12.4, 21, 15, 33, 16, 46, 15.4, 62, 12.8, 78, 9.8, 91, 8, 100, 7.8],
  bottom: [0.8, 1.8, 3, 4, 8, 7.8, 16, 11.6, 28, 14.6, 41, 15.2, 54, 13.6, 70, 10.6, 86, 8, 100, 7.8],
  eye: [13, 4.2, 5],
  mouth: [5, 1.6],
  gill: 29,
  scales: [29, 3.6, 0.12],
  dorsal: edge('spiny', 28, 90, 9.5, 0.7),
  anal: edge('lobe', 57, 87, 12, 0.9),
  tail: tail('round', 25, 15),
  pelvic: pelvic(34, 18),
  pectoral: pectoral(31, -0.1, 18),
};
