import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Danios. */
export const danio: Build = {
  snout: [0, 1.2],
  top: [0.7, 2.6, 2.6, 4, 8, 6.4, 18, 8.8, 32, 10.8, 48, 11.4, 62, 10.4, 78, 7.4, 90, 5.6, 100, 5.4],
  bottom: [0.8, 0, 2.6, 1.8, 8, 5, 18, 9, 30, 11.8, 44, 12.8, 58, 11.4, 73, 7.8, 88, 5.2, 100, 5],
  eye: [9, 2, 3.7],
  mouth: [3.6, 2],
  gill: 22,
  scales: [22, 3, 0.12],
  dorsal: edge('short', 58, 69, 16),
  anal: edge('short', 61, 80, 14),
  tail: tail('forked', 26, 14),
  pelvic: pelvic(45, 10),
  pectoral: pectoral(23, -0.4, 14),
  barbels: feelers([1.4, -0.6, 3, -5], [3.4, -2, 4, -5.5]),
};
