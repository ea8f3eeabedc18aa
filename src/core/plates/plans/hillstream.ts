import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Hillstream loaches: flat, with wide fins pressed to the stone. */
export const hillstream: Build = {
  snout: [0, -5],
  top: [0.6, -3, 3, 0.2, 8, 4, 16, 6.4, 27, 7, 40, 6.2, 56, 4.8, 72, 3.8, 88, 3.6, 100, 3.8],
  bottom: [0.8, 6.4, 4, 6.8, 14, 6.8, 30, 6.6, 46, 6, 62, 4.8, 78, 3.8, 90, 3.6, 100, 3.8],
  eye: [14, 4.6, 2],
  gill: 0,
  dorsal: edge('fan', 42, 55, 13),
  anal: edge('fan', 76, 83, 7),
  tail: tail('notch', 21, 12, 1.2),
  pelvic: pelvic(46, 27, -40, -5),
  pectoral: pectoral(11, -0.75, 39, -3, -36),
};
