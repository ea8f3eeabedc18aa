import type { Build } from '../animal';
import { edge, pectoral, tail, threads } from './fins';

/** Giant gouramis: high, with a pointed head and long threads. */
export const giantgourami: Build = {
  snout: [0, -0.6],
  top: [0.6, 1.4, 2.4, 3.4, 6, 7.2, 12, 13, 20, 19.4, 31, 24.6, 44, 26, 58, 24, 73, 18.6, 87, 12, 100, 9.8],
  bottom: [
    0.7, 2.4, 2.6, 4.6, 7, 8.8, 15, 15, 26, 21.6, 39, 25, 53, 25, 68, 21.2, 82, 14.8, 93, 10.4, 100, 9.6,
  ],
  eye: [12.4, 3.8, 3],
  mouth: [4.4, 1.6],
  gill: 28,
  scales: [28, 4.2, 0.18],
  dorsal: edge('spiny', 40, 94, 13, 1),
  anal: edge('long', 36, 97, 14, 0.5),
  tail: tail('round', 23, 19),
  threads: threads(30, 62, 0.3),
  pectoral: pectoral(30, -0.25, 19),
};
