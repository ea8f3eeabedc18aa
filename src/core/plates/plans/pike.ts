import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Pike cichlids: a long cylinder with a wide mouth. */
export const pike: Build = {
  snout: [0, -0.6],
  top: [0.6, 0.8, 2.4, 2.2, 7, 4.6, 14, 7, 24, 8.8, 36, 9.8, 52, 9.8, 68, 8.6, 82, 7, 92, 6.2, 100, 6],
  bottom: [0.7, 2.6, 3, 4.2, 8, 6.2, 16, 8, 28, 9.4, 42, 9.8, 56, 9.4, 70, 8, 84, 6.6, 93, 6, 100, 6],
  eye: [14, 4.2, 2.8],
  mouth: [9, 1.8],
  gill: 26,
  scales: [27, 2.4, 0.12],
  dorsal: edge('long', 27, 91, 8.4),
  anal: edge('lobe', 62, 87, 11),
  tail: tail('round', 22, 13),
  pelvic: pelvic(30, 13),
  pectoral: pectoral(28, -0.2, 15),
};
