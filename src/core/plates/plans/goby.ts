import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Gobies: blunt, two back fins, resting on the belly. */
export const goby: Build = {
  snout: [0, -3],
  top: [0.5, -0.6, 1.8, 2.4, 5, 6, 11, 8.2, 21, 9.4, 34, 9.6, 48, 8.8, 63, 7.4, 79, 6, 91, 5.4, 100, 5.4],
  bottom: [0.7, 5, 2.6, 6.6, 7, 8, 16, 9, 28, 9.4, 42, 8.8, 57, 7.6, 73, 6.2, 88, 5.4, 100, 5.2],
  eye: [10.6, 4.8, 3.2],
  mouth: [5, 1.2],
  gill: 26,
  scales: [28, 2.8, 0.12],
  dorsal: edge('fan', 33, 46, 13),
  dorsal2: edge('fan', 53, 75, 12),
  anal: edge('fan', 56, 74, 10),
  tail: tail('round', 22, 12),
  pelvic: pelvic(30, 13, -46, -10),
  pectoral: pectoral(28, -0.3, 18),
};
