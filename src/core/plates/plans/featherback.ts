import type { Build } from '../animal';
import { edge, pectoral, tail } from './fins';

/** Clown knifefish: a humped back, one long fin below. */
export const featherback: Build = {
  snout: [0, -1.4],
  top: [0.6, 0, 2.6, 1.6, 7, 3.6, 13, 7, 20, 12.2, 29, 15.4, 40, 14.6, 55, 10.8, 71, 7, 86, 3.8, 100, 1.4],
  bottom: [0.7, 3, 3, 4.6, 9, 7.4, 18, 10, 29, 11.4, 42, 10.4, 57, 7.6, 73, 4.8, 88, 2.6, 100, 1.2],
  eye: [8, 1.6, 1.7],
  mouth: [7, 1.2],
  gill: 19,
  scales: [19, 1.8, 0.1],
  dorsal: edge('fan', 47, 51, 9),
  anal: edge('long', 22, 99, 8, 0.2),
  tail: tail('lance', 4, 2),
  pectoral: pectoral(20, -0.15, 12),
};
