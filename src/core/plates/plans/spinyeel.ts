import type { Build } from '../animal';
import { edge, pectoral, tail } from './fins';

/** Spiny eels: a ribbon with a pointed snout. */
export const spinyeel: Build = {
  snout: [-4, -0.6],
  top: [-2, 0.2, 2, 1.2, 6, 2.2, 14, 3.4, 30, 4.4, 56, 4.8, 80, 3.8, 94, 2, 100, 1.6],
  bottom: [-2, 1.6, 2, 2.6, 6, 3.2, 14, 4, 32, 4.8, 56, 4.8, 80, 3.6, 94, 1.8, 100, 1.4],
  bend: [3.4, 92, 8],
  eye: [6, 1.1, 0.8],
  mouth: [4, 0.4],
  gill: 13,
  dorsal: edge('long', 46, 98, 4, 0.3),
  anal: edge('long', 52, 98, 4, 0.3),
  tail: tail('lance', 6, 2.6),
  pectoral: pectoral(14, -0.2, 5),
};
