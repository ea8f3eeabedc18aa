import type { Build } from '../animal';
import { edge, pectoral, tail } from './fins';

/** Rope fish. */
export const ropefish: Build = {
  snout: [0, -0.6],
  top: [0.4, 0.4, 1.6, 1.4, 4, 2.2, 10, 2.8, 26, 3.1, 56, 3.1, 84, 2.8, 96, 2.2, 100, 2],
  bottom: [0.4, 1.4, 1.6, 2, 4, 2.6, 10, 2.9, 26, 3.2, 56, 3.1, 84, 2.7, 96, 2, 100, 1.8],
  bend: [4.6, 66, 4],
  eye: [3.2, 1, 0.6],
  mouth: [3.4, 0.4],
  gill: 8.5,
  tail: tail('lance', 6, 4),
  pectoral: pectoral(9, -0.1, 4.4, 10, -40),
  anal: edge('fan', 93, 97, 3.6),
  behind: ['finlets'],
};
