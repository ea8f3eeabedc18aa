import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Glassfish: see-through, two back fins. */
export const glassfish: Build = {
  snout: [0, 0.6],
  top: [
    0.6, 2.4, 2.4, 4.6, 6, 8.2, 12, 12.4, 20, 17.6, 31, 20.8, 43, 20.4, 57, 16.4, 73, 11.2, 88, 7.4, 100, 6.6,
  ],
  bottom: [0.7, 1.2, 2.4, 3.6, 7, 9, 14, 15, 24, 20, 36, 21.6, 50, 19, 65, 13.6, 81, 8.8, 92, 6.8, 100, 6.4],
  eye: [11.6, 3.6, 4.8],
  mouth: [4.4, 1.6],
  gill: 27,
  dorsal: edge('short', 33, 46, 18),
  dorsal2: edge('fan', 50, 78, 15),
  anal: edge('fan', 50, 80, 14),
  tail: tail('forked', 25, 18),
  pelvic: pelvic(36, 12),
  pectoral: pectoral(29, -0.15, 15),
};
