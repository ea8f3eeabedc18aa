import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Elephantnoses: a probe on the chin, a thin tail root. */
export const elephantnose: Build = {
  snout: [0, -2.6],
  top: [0.6, -0.6, 2, 1.8, 5, 5, 11, 7.8, 22, 9.6, 38, 10, 54, 9.2, 68, 7.4, 80, 4.2, 88, 2.4, 100, 2.2],
  bottom: [
    0.7, 4.4, 2.4, 5.8, 7, 7.6, 16, 9.4, 30, 10.2, 46, 9.8, 60, 8.6, 73, 5.8, 84, 2.6, 92, 2.2, 100, 2.2,
  ],
  eye: [8, 2.2, 1.4],
  gill: 19,
  scales: [19, 2, 0.1],
  dorsal: edge('sickle', 58, 80, 12),
  anal: edge('sickle', 55, 80, 12),
  tail: tail('forked', 22, 14),
  pectoral: pectoral(20, -0.3, 15),
  pelvic: pelvic(38, 8),
  front: ['snoutProbe'],
};
