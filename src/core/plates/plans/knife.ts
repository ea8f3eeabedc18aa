import type { Build } from '../animal';
import { edge, pectoral, tail } from './fins';

/** Ghost knifefish. */
export const knife: Build = {
  snout: [0, -2],
  top: [0.5, 0.4, 1.8, 3, 5, 6.2, 11, 8.8, 22, 11, 34, 11, 52, 8.6, 70, 5.4, 86, 2.8, 100, 1.5],
  bottom: [0.6, 3.4, 2.2, 4.8, 6, 6.4, 12, 7.4, 22, 7.4, 36, 6.2, 54, 4.2, 72, 2.6, 88, 1.6, 100, 1.3],
  eye: [5.2, 2, 0.9],
  mouth: [3.4, 0.9],
  gill: 15,
  anal: edge('long', 15, 92, 6.5),
  tail: tail('lance', 7, 2.6),
  pectoral: pectoral(15.5, -0.2, 8),
};
