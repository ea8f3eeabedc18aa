import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Sand sifters: a long sloping snout, eyes high, the belly flat. */
export const sandsifter: Build = {
  snout: [0, -5.4],
  top: [0.5, -3.8, 2.4, -1.6, 7, 2.6, 13, 7, 20, 9.8, 30, 11, 44, 10.2, 60, 8.2, 76, 6, 90, 4.8, 100, 4.6],
  bottom: [0.7, 6.8, 3, 7.8, 9, 8.8, 18, 9.8, 30, 10.4, 43, 9.8, 58, 8.2, 74, 6, 88, 4.8, 100, 4.6],
  eye: [16.4, 6.4, 3.6],
  mouth: [5, 0.6],
  gill: 28,
  scales: [28, 2.8, 0.12],
  dorsal: edge('spiny', 28, 85, 11, 1),
  anal: edge('lobe', 58, 83, 11),
  tail: tail('notch', 24, 14),
  pelvic: pelvic(34, 17, -50, -20),
  pectoral: pectoral(29, -0.2, 17),
};
