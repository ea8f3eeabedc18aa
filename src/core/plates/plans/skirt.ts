import type { Build } from '../animal';
import { edge, pectoral, pelvic, tail } from './fins';

/** High tetras: serpaes, phantoms, skirts. */
export const skirt: Build = {
  snout: [0, 0.6],
  top: [0.8, 2.8, 2.4, 5.2, 7, 9.2, 14, 12.8, 24, 17, 35, 20.4, 45, 21.4, 58, 17.6, 73, 12, 88, 7, 100, 6.2],
  bottom: [
    0.8, 1.2, 2.4, 3.2, 7, 7.8, 15, 13.4, 26, 18.4, 38, 20.6, 51, 19.6, 65, 15.6, 80, 10, 92, 6.6, 100, 6,
  ],
  eye: [10.4, 3, 4.6],
  mouth: [4.2, 1.8],
  gill: 26,
  scales: [26, 3.6, 0.12],
  dorsal: edge('short', 46, 61, 24),
  anal: edge('sickle', 56, 92, 17),
  tail: tail('forked', 26, 17),
  adipose: [80, 7, 5],
  pelvic: pelvic(43, 14),
  pectoral: pectoral(28, -0.5, 14),
};
