import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Snakeheads: a cylinder with long even fins. */
export const snakehead: Build = {
  snout: [0, -0.4],
  top: [0.5, 0.8, 2, 2.4, 6, 4.4, 13, 6.2, 24, 7.6, 38, 8, 54, 7.8, 72, 7, 88, 6, 100, 5.8],
  bottom: [0.6, 2, 2.4, 3.8, 7, 5.6, 16, 7.2, 28, 8.2, 42, 8.2, 58, 7.6, 74, 6.6, 90, 5.8, 100, 5.6],
  eye: [8.6, 3.2, 1.9],
  mouth: [6.4, 1.4],
  gill: 26,
  scales: [27, 2.4, 0.12],
  dorsal: edge('long', 30, 94, 8, 0.5),
  anal: edge('long', 50, 93, 7, 0.5),
  tail: tail('round', 20, 11),
  pectoral: pectoral(27, -0.2, 17),
  pelvic: pelvic(29, 8),
};
