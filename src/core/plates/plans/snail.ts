import type { Build } from '../animal';

/** Round snails. */
export const snail: Build = {
  snout: [5, 7],
  top: [5.2, 13, 7.4, 23, 13.4, 36.5, 25, 48.6, 42, 55, 58, 53, 72, 44.4, 82, 34.6, 89, 29.4, 94, 22, 93, 14],
  bottom: [10, -5, 30, -4.4, 55, -4.6, 78, -6, 89, -9],
  total: 112,
  behind: ['snailFoot'],
};
