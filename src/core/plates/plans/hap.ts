import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Open-water and reef cichlids of Lake Malawi: longer than peacocks, with a larger mouth. */
export const hap: Build = {
  snout: [0, -2.4],
  top: [
    0.6, -0.8, 2.2, 1.6, 7, 5.8, 14, 10.4, 23, 14.2, 34, 16.4, 46, 16.4, 60, 14, 75, 10, 88, 7.2, 100, 6.8,
  ],
  bottom: [
    0.7, 4, 2.6, 5.8, 8, 8.8, 16, 12, 27, 14.8, 40, 15.8, 54, 14.8, 68, 11.6, 82, 8, 93, 6.6, 100, 6.6,
  ],
  eye: [15.5, 3.4, 3.7],
  mouth: [6, 1.2],
  gill: 30,
  scales: [30, 3.4, 0.14],
  dorsal: edge('spiny', 29, 88, 12, 1.1),
  anal: edge('lobe', 61, 84, 16),
  tail: tail('notch', 27, 17),
  pelvic: pelvic(36, 23, -60, -26),
  pectoral: pectoral(32, -0.25, 19),
};
