import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Gudgeons: fuller than gobies, high second fins. */
export const gudgeon: Build = {
  snout: [0, -0.6],
  top: [
    0.6, 1.2, 2.2, 3.4, 6, 6.4, 13, 9.4, 24, 11.8, 36, 12.4, 50, 11.6, 64, 10, 79, 8.4, 91, 7.6, 100, 7.4,
  ],
  bottom: [0.7, 2.4, 2.6, 4.4, 7, 7.2, 16, 10.4, 28, 12.4, 42, 12.2, 56, 10.8, 72, 8.8, 88, 7.4, 100, 7.2],
  eye: [11.6, 3.6, 3.8],
  mouth: [5, 1.8],
  gill: 27,
  scales: [28, 3, 0.12],
  dorsal: edge('fan', 35, 48, 14),
  dorsal2: edge('fan', 54, 77, 15),
  anal: edge('fan', 55, 77, 14),
  tail: tail('round', 24, 14),
  pelvic: pelvic(32, 14),
  pectoral: pectoral(29, -0.2, 18),
};
