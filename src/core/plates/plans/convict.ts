import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Convicts and other middling Central American cichlids. */
export const convict: Build = {
  snout: [0, -2],
  top: [0.7, 0.2, 2.4, 4, 6, 9.4, 12, 15, 20.6, 19.6, 32, 22, 45, 22, 59, 19.6, 75, 14.6, 89, 10, 100, 9.2],
  bottom: [
    0.8, 4.2, 3, 6.6, 8, 10.4, 16, 14.8, 27, 19, 40, 21, 54, 19.6, 68, 15.6, 83, 10.4, 93, 9, 100, 8.8,
  ],
  eye: [14.5, 4.8, 3.5],
  mouth: [4.4, 1.4],
  gill: 29,
  scales: [29, 4, 0.16],
  dorsal: edge('spiny', 30, 90, 13, 1.2),
  anal: edge('spiny', 54, 89, 13, 1.2),
  tail: tail('round', 28, 17),
  pelvic: pelvic(36, 22, -60, -28),
  pectoral: pectoral(31, -0.2, 19),
};
