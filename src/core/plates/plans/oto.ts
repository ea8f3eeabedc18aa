import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Small slim suckermouths. */
export const oto: Build = {
  snout: [0, -3.4],
  top: [0.4, -1.2, 2, 1.4, 6, 5, 13, 8.2, 22, 9.8, 33, 10.4, 46, 9, 62, 7, 80, 5.4, 100, 5.2],
  bottom: [0.7, 5.6, 3, 6.8, 8, 7.6, 16, 8.6, 30, 9.4, 44, 8.8, 60, 7, 80, 5, 100, 4.8],
  eye: [13.5, 3, 2.7],
  gill: 24,
  dorsal: edge('short', 34, 46, 18, 0.9),
  anal: edge('short', 61, 68, 11),
  tail: tail('notch', 24, 13),
  pelvic: pelvic(39, 12),
  pectoral: pectoral(23, -0.7, 16, -6, -36),
  sucker: [5.4, 7, 1.7],
  behind: ['sucker'],
};
