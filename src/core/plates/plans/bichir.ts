import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Bichirs. */
export const bichir: Build = {
  snout: [0, -1],
  top: [0.5, 0.6, 2, 2.4, 5, 4.2, 11, 5.6, 24, 6.8, 44, 7, 66, 6.8, 84, 5.8, 100, 4.6],
  bottom: [0.6, 2.4, 2.4, 3.8, 6, 4.8, 13, 5.6, 28, 6.6, 46, 6.8, 66, 6.2, 84, 5.4, 100, 4.4],
  eye: [5.4, 2, 0.9],
  mouth: [5.4, 0.9],
  gill: 15,
  anal: edge('fan', 80, 86, 7),
  tail: tail('lance', 14, 8),
  pelvic: pelvic(68, 7),
  pectoral: pectoral(16.5, -0.1, 11, 20, -46),
  barbels: feelers([0.8, 0.4, -2.4, 1.4, 0]),
  behind: ['finlets'],
};
