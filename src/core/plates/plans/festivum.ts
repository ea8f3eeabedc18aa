import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Flag cichlids: a straight steep back line, the fin sweeping up. */
export const festivum: Build = {
  snout: [0, -1.4],
  top: [
    0.7, 0.6, 2.4, 3.6, 6.4, 8.4, 13, 14.2, 22, 20.4, 33, 24.6, 46, 26, 60, 24.2, 75, 18.6, 88, 11.6, 100,
    9.6,
  ],
  bottom: [
    0.8, 3.2, 3, 5.8, 8, 9.8, 16, 15.2, 27, 21, 40, 24.4, 54, 24, 68, 19.4, 82, 12.8, 93, 9.8, 100, 9.4,
  ],
  eye: [13.6, 4.2, 3.9],
  mouth: [4.4, 1.2],
  gill: 29,
  scales: [29, 4, 0.14],
  dorsal: edge('spiny', 33, 92, 17, 1.3),
  anal: edge('spiny', 48, 90, 16, 1.2),
  tail: tail('truncate', 25, 18),
  pelvic: pelvic(35, 42, -50, -36),
  pectoral: pectoral(31, -0.2, 20),
};
