import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Ctenopomas: high, with a pointed head and a large eye. */
export const bushfish: Build = {
  snout: [0, -1.4],
  top: [
    0.6, 0.6, 2.4, 3, 7, 6.8, 14, 11.6, 23, 16.4, 34, 19.2, 47, 19.6, 61, 17.8, 76, 13.6, 89, 9.4, 100, 8.6,
  ],
  bottom: [
    0.7, 3.2, 2.8, 5.4, 8, 9.2, 16, 13.8, 27, 17.8, 40, 19.2, 54, 18.2, 68, 15, 83, 10.2, 93, 8.6, 100, 8.4,
  ],
  eye: [13.6, 4.2, 4.4],
  mouth: [6.4, 1.4],
  gill: 29,
  scales: [29, 3.6, 0.14],
  dorsal: edge('spiny', 32, 92, 10, 0.6),
  anal: edge('spiny', 48, 90, 10, 0.6),
  tail: tail('round', 21, 15),
  pelvic: pelvic(34, 15),
  pectoral: pectoral(30, -0.3, 16),
};
