import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Gars: long jaws, fins far behind. */
export const gar: Build = {
  snout: [-12, -0.4],
  top: [-9, 0.4, 0, 1.2, 7, 2.6, 14, 4.6, 26, 6.2, 44, 7, 62, 6.8, 78, 5.8, 90, 4.6, 100, 4.4],
  bottom: [-9, 1.1, 0, 1.8, 7, 3, 14, 4.8, 27, 6.6, 45, 7.2, 62, 6.6, 78, 5.4, 90, 4.4, 100, 4.2],
  eye: [10, 1.8, 1.4],
  mouth: [18, 0.3],
  gill: 22,
  scales: [22, 2, 0.16],
  dorsal: edge('fan', 81, 89, 10),
  anal: edge('fan', 79, 87, 10),
  tail: tail('round', 15, 9),
  pelvic: pelvic(52, 8),
  pectoral: pectoral(23, -0.7, 9, 0, -40),
};
