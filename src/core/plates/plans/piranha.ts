import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Piranhas and pacus: a blunt head with a strong lower jaw. */
export const piranha: Build = {
  snout: [0, -1.6],
  top: [
    0.6, 1.2, 2, 4.6, 5, 9.6, 11, 16.2, 20, 23.4, 31, 28.4, 43, 29, 57, 24.8, 72, 17, 86, 9.8, 95, 7.6, 100,
    7.4,
  ],
  bottom: [
    0.5, 4.6, 2.2, 8.4, 6, 13.4, 13, 19.8, 24, 26, 36, 28.4, 50, 26.6, 64, 20.4, 79, 12.6, 90, 8, 100, 7.4,
  ],
  eye: [13.4, 4.6, 3.6],
  mouth: [5, 0.4],
  gill: 29,
  scales: [29, 2.4, 0.14],
  dorsal: edge('short', 51, 70, 19),
  anal: edge('sickle', 66, 92, 15),
  tail: tail('moon', 26, 21),
  adipose: [78, 7, 5],
  pelvic: pelvic(48, 12),
  pectoral: pectoral(30, -0.55, 16),
};
