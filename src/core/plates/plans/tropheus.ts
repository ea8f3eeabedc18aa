import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Blunt-headed rock grazers. */
export const tropheus: Build = {
  snout: [0, -5],
  top: [
    0.5, -3, 1.6, 0.4, 3.8, 5.4, 8, 11, 15, 15.4, 25, 17.8, 38, 18, 52, 16.2, 68, 12.6, 82, 9, 92, 7.6, 100,
    7.4,
  ],
  bottom: [
    0.7, 7, 2.6, 8.8, 7, 11, 15, 13.8, 26, 16.2, 39, 17, 53, 15.8, 67, 12.4, 81, 8.8, 92, 7.4, 100, 7.2,
  ],
  eye: [13.4, 4.4, 3.7],
  mouth: [4.6, 0.6],
  gill: 28,
  scales: [28, 3.6, 0.14],
  dorsal: edge('spiny', 26, 90, 11.5, 1),
  anal: edge('lobe', 58, 87, 14),
  tail: tail('notch', 25, 16),
  pelvic: pelvic(35, 20, -60, -26),
  pectoral: pectoral(30, -0.25, 18),
};
