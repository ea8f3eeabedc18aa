import type { Build } from '../animal';

/** Pond and bladder snails: a short pointed shell. */
export const pondsnail: Build = {
  snout: [8, 7],
  total: 122,
  top: [7, 16, 9, 30, 17, 42, 30, 49, 46, 49, 60, 43, 74, 35.4, 90, 29, 104, 24, 112, 21],
  bottom: [12, -5, 30, -4.6, 50, -5, 68, -6.8, 84, -10, 98, -15, 110, -19],
  behind: ['snailFoot'],
};
