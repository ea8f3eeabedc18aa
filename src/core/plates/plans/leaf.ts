import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Leaf fish: high and flat, large eyes, a large mouth. */
export const leaf: Build = {
  snout: [0, -0.6],
  top: [
    0.6, 1.4, 2.6, 4, 8, 8.6, 15, 13.6, 24, 18.6, 35, 21.4, 48, 21.4, 62, 18.6, 77, 13.4, 89, 8.8, 100, 7.8,
  ],
  bottom: [
    0.7, 2.6, 3, 5.4, 9, 10.4, 18, 15.8, 29, 19.6, 42, 20.8, 56, 19, 70, 14.4, 84, 9.4, 94, 7.8, 100, 7.6,
  ],
  eye: [13.4, 4.4, 4.6],
  mouth: [8, 1.8],
  gill: 30,
  scales: [30, 3.4, 0.12],
  dorsal: edge('spiny', 28, 92, 12, 0.5),
  anal: edge('spiny', 46, 91, 13, 0.5),
  tail: tail('round', 18, 13),
  pelvic: pelvic(36, 18),
  pectoral: pectoral(31, -0.3, 14),
};
