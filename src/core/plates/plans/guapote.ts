import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Large hunters of Central America: strong jaws, a long head. */
export const guapote: Build = {
  snout: [0, -0.4],
  top: [0.7, 1.4, 2.6, 3.6, 7, 7.2, 14, 11.6, 23, 16, 34, 19, 46, 19.8, 60, 18, 75, 13.8, 88, 10, 100, 9.4],
  bottom: [
    0.8, 2.8, 3.2, 5, 9, 8.8, 18, 13.4, 29, 17.4, 42, 19.2, 55, 18.2, 69, 14.8, 83, 10.4, 93, 9.2, 100, 9,
  ],
  eye: [15, 5.2, 2.9],
  mouth: [9, 2],
  gill: 30,
  scales: [31, 3, 0.14],
  dorsal: edge('spiny', 31, 91, 12, 1.2),
  anal: edge('spiny', 55, 89, 12, 1.2),
  tail: tail('round', 26, 17),
  pelvic: pelvic(36, 20, -60, -28),
  pectoral: pectoral(32, -0.2, 18),
};
