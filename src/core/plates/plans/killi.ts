import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Killifish: a flat brow, the back fin far behind. */
export const killi: Build = {
  snout: [0, 2],
  top: [0.6, 3.4, 2.4, 4.6, 8, 6.4, 17, 8.2, 30, 9.8, 46, 10.4, 60, 10, 75, 8.6, 90, 7.4, 100, 7.2],
  bottom: [0.7, -0.6, 2.4, 1.6, 7, 5, 15, 8.4, 27, 10.8, 42, 11.2, 56, 10.2, 72, 8.4, 88, 7.2, 100, 7],
  eye: [10, 3.4, 3.7],
  mouth: [3.6, 2.4],
  gill: 25,
  scales: [25, 3.4, 0.14],
  dorsal: edge('fan', 58, 80, 16, 0.9),
  anal: edge('fan', 56, 82, 16, 0.9),
  tail: tail('spade', 28, 15),
  pelvic: pelvic(46, 9),
  pectoral: pectoral(27, -0.35, 15),
};
