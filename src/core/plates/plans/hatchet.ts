import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Hatchetfish. */
export const hatchet: Build = {
  snout: [0, 7],
  top: [0.7, 8.4, 3, 9.6, 10, 11.4, 24, 13, 42, 13.6, 60, 12.6, 78, 9.4, 90, 6.8, 100, 6.4],
  bottom: [
    0.8, -4.8, 3, -1.4, 7, 5, 13, 15, 21, 27, 31, 34.4, 42, 35, 52, 29, 62, 17.4, 74, 7, 86, 2, 100, 1.4,
  ],
  eye: [10, 6.4, 4.2],
  mouth: [3.4, 3.4],
  gill: 25,
  scales: [27, 3.4, 0.12],
  dorsal: edge('short', 60, 72, 15),
  anal: edge('sickle', 58, 90, 14, 0.9),
  tail: tail('forked', 25, 15),
  adipose: [84, 5, 4],
  pelvic: pelvic(50, 6),
  pectoral: pectoral(26, 0.15, 44, 34, 8),
};
