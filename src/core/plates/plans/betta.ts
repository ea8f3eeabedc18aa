import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Bettas bred for long fins. */
export const betta: Build = {
  snout: [0, 3],
  top: [0.8, 4.8, 2.6, 6.4, 7, 8.8, 15, 11.6, 27, 13.8, 42, 14.4, 58, 13.8, 75, 12, 90, 10, 100, 9.4],
  bottom: [0.8, -1.2, 2.6, 0.8, 7, 5.2, 15, 9.8, 26, 13, 40, 14.2, 56, 13.6, 74, 11.8, 90, 9.8, 100, 9.4],
  eye: [10.4, 3.8, 2.8],
  mouth: [3.4, 2.2],
  gill: 27,
  scales: [20, 3.6, 0.22],
  dorsal: edge('drape', 44, 74, 34, 0.85),
  anal: edge('drape', 33, 97, 38, 0.9),
  tail: tail('veil', 74, 46),
  pelvic: pelvic(28, 34, -58, -42),
  pectoral: pectoral(29, -0.2, 19),
};
