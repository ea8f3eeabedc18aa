import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Rock dwellers of Lake Malawi. */
export const mbuna: Build = {
  snout: [0, -2],
  top: [0.6, 0.2, 2, 3.6, 5.4, 8, 11, 12.2, 19, 15.2, 30, 17, 44, 17.2, 58, 15.2, 74, 11, 88, 7.6, 100, 6.8],
  bottom: [
    0.7, 4, 2.6, 6, 7, 8.8, 14, 12, 25, 15.2, 38, 16.4, 52, 15.6, 66, 12.4, 80, 8.6, 92, 6.8, 100, 6.8,
  ],
  eye: [14, 3.6, 3.8],
  mouth: [4, 1.6],
  gill: 29,
  scales: [29, 3.8, 0.16],
  dorsal: edge('spiny', 28, 87, 10.5),
  anal: edge('lobe', 61, 83, 15, 0.9),
  tail: tail('truncate', 25, 14.5),
  pelvic: pelvic(36, 19, -62, -26),
  pectoral: pectoral(31, -0.2, 19),
};
