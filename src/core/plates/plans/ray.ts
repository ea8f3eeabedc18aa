import type { Build } from '../animal';

/** Freshwater stingrays, from above. */
export const ray: Build = {
  snout: [0, 0],
  top: [1, 6, 5, 17, 14, 30, 28, 41.4, 46, 46, 64, 42.6, 80, 31, 90, 17, 95, 7],
  bottom: [1, 6, 5, 17, 14, 30, 28, 41.4, 46, 46, 64, 42.6, 80, 31, 90, 17, 95, 7],
  total: 168,
  behind: ['rayTail'],
  front: ['rayEyes'],
};
