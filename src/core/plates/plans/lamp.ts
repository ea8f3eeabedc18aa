import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Slender cichlids of Lake Tanganyika: brichardi, leleupi and their kin. */
export const lamp: Build = {
  snout: [0, -0.6],
  top: [0.6, 1, 2.2, 3.2, 6, 6.6, 12, 9.8, 21, 12.4, 32, 13.6, 45, 13.4, 60, 11.6, 75, 8.8, 88, 7, 100, 6.6],
  bottom: [
    0.7, 2.2, 2.6, 3.8, 7, 6.6, 15, 9.8, 27, 12.4, 40, 13.2, 54, 12, 68, 9.6, 84, 7, 94, 6.4, 100, 6.4,
  ],
  eye: [12.8, 3.8, 4],
  mouth: [5, 1.2],
  gill: 27,
  scales: [27, 3.2, 0.12],
  dorsal: edge('spiny', 26, 90, 10, 1),
  anal: edge('lobe', 55, 87, 13),
  tail: tail('round', 25, 14),
  pelvic: pelvic(33, 19, -58, -24),
  pectoral: pectoral(29, -0.15, 17),
};
