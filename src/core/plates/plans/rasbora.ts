import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Harlequins and other high rasboras. */
export const rasbora: Build = {
  snout: [0, 0],
  top: [0.8, 2.2, 2.4, 4.2, 7, 8, 15, 12.4, 28, 17, 42, 19.4, 50, 19.6, 64, 15.8, 80, 9, 92, 6.2, 100, 6],
  bottom: [
    0.8, 1.6, 2.4, 3.6, 7, 7.4, 15, 12.2, 28, 17.4, 42, 19.2, 55, 17.8, 70, 12, 83, 7.2, 93, 5.8, 100, 5.8,
  ],
  eye: [10, 2.4, 4.4],
  mouth: [4, 1.4],
  gill: 26,
  scales: [26, 4, 0.14],
  dorsal: edge('short', 50, 63, 22),
  anal: edge('short', 64, 79, 15),
  tail: tail('forked', 30, 19),
  pelvic: pelvic(45, 14),
  pectoral: pectoral(28, -0.5, 15),
};
