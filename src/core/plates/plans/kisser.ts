import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Kissing gouramis: a flat oval, long even fins, thick lips. */
export const kisser: Build = {
  snout: [0, -0.4],
  top: [0.5, 1.6, 2, 3.4, 5, 7, 12, 12.4, 22, 17.2, 34, 20, 48, 20.2, 62, 18, 77, 13.4, 90, 9.4, 100, 8.6],
  bottom: [
    0.5, 2.2, 2.2, 3.8, 6, 7.4, 14, 13.2, 25, 18, 38, 20.2, 52, 19.6, 67, 16.4, 82, 11.4, 93, 9, 100, 8.4,
  ],
  eye: [12.6, 3.2, 3.4],
  mouth: [2.4, 0.2],
  gill: 28,
  scales: [28, 3.4, 0.16],
  dorsal: edge('long', 34, 93, 11, 0.5),
  anal: edge('long', 44, 93, 11, 0.5),
  tail: tail('notch', 24, 17),
  pelvic: pelvic(33, 16),
  pectoral: pectoral(30, -0.3, 18),
};
