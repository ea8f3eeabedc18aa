import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Long fish hunters with a straight head and a wide mouth. */
export const hunter: Build = {
  snout: [0, -2],
  top: [0.6, -0.6, 2.4, 0.8, 8, 3.6, 16, 7.2, 25, 10.4, 36, 12.4, 48, 12.4, 62, 10.8, 76, 8, 88, 6.2, 100, 6],
  bottom: [0.7, 3.4, 3, 5, 9, 7.4, 18, 9.8, 29, 11.8, 42, 12.6, 55, 11.8, 68, 9.6, 82, 7, 93, 5.8, 100, 5.8],
  eye: [17, 3.6, 2.9],
  mouth: [10, 1.6],
  gill: 31,
  scales: [31, 2.8, 0.12],
  dorsal: edge('spiny', 32, 88, 10, 1.1),
  anal: edge('lobe', 62, 83, 13),
  tail: tail('notch', 25, 15),
  pelvic: pelvic(36, 18, -60, -26),
  pectoral: pectoral(32, -0.25, 16),
};
