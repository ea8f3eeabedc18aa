import type { Build } from '../animal';

/** Trumpet, rabbit and other long-shelled snails. */
export const spire: Build = {
  snout: [8, 7],
  total: 150,
  top: [9, 14, 13, 22, 20, 28, 32, 32, 48, 33, 68, 31, 90, 26.4, 112, 21.6, 130, 18, 140, 16],
  bottom: [14, -5, 30, -4.6, 48, -5, 66, -6.6, 88, -8.6, 110, -11, 128, -13.4, 138, -15],
  behind: ['snailFoot'],
};
