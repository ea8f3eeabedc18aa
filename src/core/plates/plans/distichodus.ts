import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Distichodus: a small pointed head and a high back. */
export const distichodus: Build = {
  snout: [0, -3],
  top: [
    0.6, -1.6, 2.4, 0.4, 8, 5.4, 16, 11.4, 26, 18.4, 38, 22.4, 50, 21, 64, 15.6, 79, 10, 91, 7.4, 100, 7.2,
  ],
  bottom: [0.7, 4, 2.8, 5.2, 8, 7.6, 17, 11.4, 29, 14.6, 42, 15.6, 56, 14, 71, 10.4, 86, 7.6, 100, 7],
  eye: [11.6, 2.4, 2.8],
  mouth: [2.4, 0.4],
  gill: 24,
  scales: [24, 3, 0.14],
  dorsal: edge('fan', 41, 62, 16),
  anal: edge('fan', 72, 83, 12),
  tail: tail('forked', 26, 19),
  adipose: [83, 6, 4],
  pelvic: pelvic(46, 14),
  pectoral: pectoral(25, -0.6, 14),
};
