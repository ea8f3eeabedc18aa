import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Severums. */
export const severum: Build = {
  snout: [0, -1],
  top: [
    0.7, 1.4, 2.4, 5.4, 6.4, 11.6, 12.6, 18.6, 21.6, 25, 33, 29, 46, 29.8, 60, 26.6, 76, 19.2, 89, 12.2, 97,
    10.4, 100, 10.4,
  ],
  bottom: [
    0.8, 3.2, 3, 6.4, 8, 12, 16, 18.8, 27, 25.2, 40, 28.4, 54, 27.2, 68, 22, 82, 14.6, 93, 10.6, 100, 10.2,
  ],
  eye: [15.5, 6.4, 3.6],
  mouth: [4.4, 1.2],
  gill: 31,
  scales: [31, 4, 0.14],
  dorsal: edge('spiny', 31, 93, 14, 1),
  anal: edge('spiny', 52, 91, 15, 1),
  tail: tail('truncate', 27, 19),
  pelvic: pelvic(37, 25, -62, -32),
  pectoral: pectoral(33, -0.2, 20),
};
