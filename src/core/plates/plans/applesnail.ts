import type { Build } from '../animal';

/** Apple and mystery snails: a round shell, a large foot. */
export const applesnail: Build = {
  snout: [5, 7],
  total: 112,
  top: [4, 14, 6, 27, 13, 45, 26, 60, 44, 67, 60, 65, 74, 57, 83, 49, 88, 52, 93, 46, 96, 34, 95, 20],
  bottom: [10, -5, 30, -4.4, 55, -4.6, 78, -6, 89, -10],
  behind: ['snailFoot'],
};
