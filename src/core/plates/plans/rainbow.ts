import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Rainbowfish. */
export const rainbow: Build = {
  snout: [0, 0.6],
  top: [0.8, 1.8, 3, 3.4, 8, 6, 15, 10.2, 23, 16, 34, 20.6, 48, 22, 62, 19.2, 77, 12.8, 90, 7.6, 100, 6.8],
  bottom: [
    0.8, 0.4, 3, 2.4, 8, 7, 15, 12.6, 25, 18.8, 38, 22, 52, 20.4, 66, 15.8, 80, 9.6, 91, 6.6, 100, 6.4,
  ],
  eye: [11, 2, 3.9],
  mouth: [4.2, 0.6],
  gill: 26,
  scales: [26, 4.6, 0.18],
  dorsal: edge('short', 44, 52, 14),
  dorsal2: edge('long', 55, 86, 12),
  anal: edge('long', 47, 87, 14),
  tail: tail('notch', 25, 16),
  pelvic: pelvic(40, 13),
  pectoral: pectoral(28, -0.05, 16),
};
