import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Rams. */
export const ram: Build = {
  snout: [0, -1],
  top: [
    0.7, 1.6, 2.4, 5.8, 5.6, 11.4, 11, 17, 19, 21.4, 30, 23.6, 42, 23.4, 56, 20.2, 72, 14.8, 86, 10.2, 94, 9,
    100, 8.8,
  ],
  bottom: [0.9, 1.8, 3, 4, 8, 8, 16, 13.4, 27, 18.8, 40, 21, 54, 19.2, 68, 14.8, 84, 9.6, 94, 8.4, 100, 8.4],
  eye: [13.6, 6, 4.5],
  mouth: [3.8, 1.2],
  gill: 29,
  scales: [29, 4.2, 0.14],
  dorsal: edge('crest', 27, 87, 21, 0.8),
  anal: edge('lobe', 58, 84, 17),
  tail: tail('truncate', 30, 19),
  pelvic: pelvic(37, 23, -66, -30),
  pectoral: pectoral(31, -0.15, 20),
};
