import type { Build } from '../animal';

/** Ramshorn snails: a flat coil that stands on its edge. */
export const ramshorn: Build = {
  snout: [18, 22],
  total: 112,
  top: [18, 30, 21, 39, 27, 47, 36, 53.4, 48, 56, 60, 53.4, 69, 47, 75, 39, 78, 30, 79.2, 23],
  bottom: [19.4, -14, 24, -6, 32, 0, 42, 2.4, 54, 2.4, 64, -0.6, 72, -7, 77, -15, 79, -22],
  behind: ['snailFoot'],
};
