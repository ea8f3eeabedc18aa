import type { Build } from '../animal';
import { edge, feelers, pectoral, pelvic, tail } from './fins';

/** Arowanas: a straight back, long rear fins, barbels on the chin. */
export const arowana: Build = {
  snout: [0, 5.4],
  top: [0.6, 6.2, 3, 6.8, 10, 7.6, 24, 8.4, 42, 8.6, 60, 7.8, 76, 6, 88, 4.2, 100, 2.6],
  bottom: [0.7, -3.8, 3, -1, 8, 2.6, 16, 6.4, 28, 8.8, 42, 9.4, 58, 8.4, 74, 6.2, 88, 4, 100, 2.4],
  eye: [8.6, 4.4, 2.4],
  mouth: [6.6, 5],
  gill: 20,
  scales: [20, 5, 0.22],
  dorsal: edge('long', 62, 97, 8, 0.4),
  anal: edge('long', 50, 97, 9, 0.4),
  tail: tail('round', 9, 6),
  pelvic: pelvic(42, 13),
  pectoral: pectoral(21, -0.6, 21, -6, -26),
  barbels: feelers([0.6, 4.2, -5, 3.4, 0], [1.6, 3, -4.6, 1.4, 0]),
};
