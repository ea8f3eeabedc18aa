import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Wild bettas and other small labyrinth fish. */
export const wildbetta: Build = {
  snout: [0, 1],
  top: [0.7, 2.8, 2.6, 4.6, 7, 7.2, 15, 10.2, 27, 12.6, 42, 13.4, 58, 12.8, 75, 10.8, 90, 9, 100, 8.4],
  bottom: [0.8, 0.8, 2.6, 2.8, 7, 6.4, 15, 10, 26, 12.8, 40, 13.6, 56, 13, 74, 10.8, 90, 8.8, 100, 8.2],
  eye: [10.8, 3, 3.4],
  mouth: [3.8, 1.8],
  gill: 27,
  scales: [24, 3.4, 0.16],
  dorsal: edge('trail', 52, 70, 17),
  anal: edge('trail', 38, 95, 15, 0.6),
  tail: tail('spade', 30, 17),
  pelvic: pelvic(30, 26, -48, -34),
  pectoral: pectoral(29, -0.2, 17),
};
