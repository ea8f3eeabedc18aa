import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Altolamprologus: high and flat, the head steep and pointed, the mouth turned up. */
export const plunderer: Build = {
  snout: [0, 0.4],
  top: [
    0.6, 2, 2.4, 3.8, 6, 6.2, 11, 9.4, 17, 14, 24, 20.2, 34, 23.4, 47, 22.4, 61, 18, 76, 13, 89, 8.6, 100,
    7.4,
  ],
  bottom: [
    0.7, -0.2, 2.4, 1.8, 6, 5.4, 13, 11, 23, 16.4, 35, 19.4, 48, 19.6, 62, 17, 77, 11.8, 90, 7.8, 100, 7,
  ],
  eye: [16.4, 7.2, 4],
  mouth: [7.4, 3.6],
  gill: 29,
  scales: [29, 3.8, 0.14],
  dorsal: edge('spiny', 25, 93, 13, 0.7),
  anal: edge('lobe', 48, 91, 14, 0.9),
  tail: tail('round', 22, 15),
  pelvic: pelvic(34, 20, -60, -26),
  pectoral: pectoral(30, -0.2, 18),
};
