import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Whiptails: flat, armoured, a long thin tail. */
export const whiptail: Build = {
  snout: [0, -4],
  top: [0.5, -2.6, 3, 0, 8, 3.2, 15, 5.8, 24, 7, 34, 6.2, 46, 4.2, 60, 2.6, 76, 1.7, 90, 1.3, 100, 1.2],
  bottom: [0.7, 5, 4, 5.6, 14, 5.8, 28, 5.4, 40, 4.2, 54, 2.8, 70, 1.9, 86, 1.4, 100, 1.2],
  eye: [12, 4.4, 1.5],
  gill: 20,
  dorsal: edge('short', 27, 38, 15),
  anal: edge('short', 38, 43, 9),
  tail: tail('scythe', 32, 7),
  pelvic: pelvic(28, 11),
  pectoral: pectoral(18, -0.75, 18, 2, -30),
  sucker: [6, 7, 1.3],
  behind: ['sucker'],
};
