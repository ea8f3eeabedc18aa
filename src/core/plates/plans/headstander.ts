import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Headstanders and leporinus: a cylinder with a small pointed mouth. */
export const headstander: Build = {
  snout: [0, 1],
  top: [0.6, 2, 2.4, 3.4, 7, 6, 15, 8.6, 27, 10.8, 40, 11.6, 53, 10.8, 67, 9, 82, 6.8, 92, 6.2, 100, 6],
  bottom: [0.6, 0.2, 2.4, 1.8, 7, 4.8, 15, 8, 28, 10.8, 42, 11.2, 56, 10, 71, 8, 86, 6.2, 100, 5.8],
  eye: [11, 2.4, 3],
  mouth: [2.4, 1],
  gill: 24,
  scales: [24, 3, 0.14],
  dorsal: edge('short', 45, 57, 17),
  anal: edge('short', 76, 85, 12),
  tail: tail('forked', 25, 16),
  adipose: [85, 6, 4],
  pelvic: pelvic(48, 13),
  pectoral: pectoral(25, -0.6, 14),
};
