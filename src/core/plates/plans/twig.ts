import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Twig catfish: a thin stick with a long snout. */
export const twig: Build = {
  snout: [-8, -0.6],
  top: [-5, 0.1, 2, 0.8, 8, 2, 16, 3, 26, 3, 38, 2.4, 54, 1.6, 72, 1.1, 88, 0.9, 100, 0.8],
  bottom: [-5, 1.1, 2, 1.6, 10, 2.4, 20, 2.8, 32, 2.4, 48, 1.8, 66, 1.2, 86, 0.9, 100, 0.8],
  eye: [9, 1.3, 0.7],
  gill: 14,
  dorsal: edge('short', 42, 49, 9),
  anal: edge('short', 42, 48, 8),
  tail: tail('scythe', 26, 6),
  pelvic: pelvic(30, 8),
  pectoral: pectoral(14, -0.7, 12, 2, -30),
};
