import type { Build } from '../animal';

/** Crabs, from above. */
export const crab: Build = {
  snout: [0, 0],
  total: 100,
  top: [1.4, 7, 4, 16, 8, 25, 16, 32, 28, 36, 44, 37, 60, 33, 74, 26, 84, 16, 88, 6],
  bottom: [1.4, 7, 4, 16, 8, 25, 16, 32, 28, 36, 44, 37, 60, 33, 74, 26, 84, 16, 88, 6],
  behind: ['crabLimbs'],
  front: ['crabEyes'],
};
