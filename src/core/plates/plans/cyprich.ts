import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Slim cichlids of the open water of Lake Tanganyika. */
export const cyprich: Build = {
  snout: [0, -0.4],
  top: [0.6, 1, 2.4, 3, 7, 6, 14, 8.8, 24, 11, 36, 12, 48, 11.6, 62, 9.6, 76, 7, 88, 5.4, 100, 5],
  bottom: [
    0.7, 1.8, 2.6, 3.2, 7, 5.8, 15, 8.8, 27, 11.4, 40, 11.8, 54, 10, 68, 7.4, 84, 5.2, 94, 4.8, 100, 4.8,
  ],
  eye: [10.8, 2.2, 4.5],
  mouth: [4.8, 1.4],
  gill: 26,
  scales: [26, 2.6, 0.12],
  dorsal: edge('spiny', 28, 84, 9, 0.8),
  anal: edge('lobe', 60, 84, 11),
  tail: tail('forked', 26, 14),
  pelvic: pelvic(36, 18, -58, -24),
  pectoral: pectoral(28, -0.2, 17),
};
