import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** Goby cichlids: a blunt head, the mouth low, the body tapering. */
export const gobycichlid: Build = {
  snout: [0, -8],
  top: [
    0.4, -6, 1.4, -2, 3.6, 3.8, 8, 9.8, 15, 13.4, 25, 14.6, 38, 13.6, 54, 11.2, 70, 8.6, 84, 6.8, 100, 6.2,
  ],
  bottom: [0.7, 9.6, 2.8, 10.8, 8, 11.8, 17, 12.6, 29, 12.6, 42, 11.8, 56, 10.2, 72, 7.8, 86, 6.4, 100, 6.2],
  eye: [13.4, 7, 3.4],
  mouth: [4.2, 0.4],
  gill: 28,
  scales: [28, 3.2, 0.12],
  dorsal: edge('spiny', 24, 88, 11, 0.8),
  anal: edge('lobe', 62, 84, 10),
  tail: tail('round', 22, 13),
  pelvic: pelvic(34, 15),
  pectoral: pectoral(29, -0.4, 17),
};
