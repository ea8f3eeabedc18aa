import type { Build } from '../animal';

/** Ramshorn snails: a flat coil. */
export const ramshorn: Build = {
  snout: [16, 7],
  total: 112,
  top: [13, 16, 14, 30, 20, 45, 32, 56, 48, 60, 64, 56, 76, 45, 82, 31, 80, 17, 74, 9],
  bottom: [20, -5, 34, -5, 50, -5, 62, -6, 70, -7],
  behind: ['snailFoot'],
};
