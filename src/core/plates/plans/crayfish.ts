import type { Build } from '../animal';

/** Crayfish. */
export const crayfish: Build = {
  snout: [-3, 4.4],
  total: 116,
  top: [2, 5.6, 8, 7, 16, 8.6, 27, 9.4, 38, 9.2, 44, 8.4, 52, 8.8, 64, 8.4, 76, 7.2, 87, 5.6, 96, 4],
  bottom: [2, -1.4, 7, 1.6, 15, 4.8, 27, 6.6, 38, 6.6, 45, 5.6, 56, 5.6, 68, 5, 80, 3.6, 90, 1.8, 96, 0],
  eye: [7, 6.4, 1.6],
  behind: ['crayfishLimbs'],
  front: ['crayfishNearClaw'],
};
