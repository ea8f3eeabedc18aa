import type { Build } from '../animal';

/** Water frogs, from the side. */
export const frog: Build = {
  snout: [0, -2],
  total: 122,
  top: [1, 1, 4, 4.4, 10, 8.4, 18, 11.2, 30, 13.6, 46, 15.4, 62, 15, 78, 11.8, 90, 7],
  bottom: [1, 4, 4, 6, 10, 7.8, 20, 10, 34, 13.6, 50, 15.6, 66, 14, 80, 9.6, 90, 4],
  eye: [12, 9.4, 2.6],
  mouth: [13, 1.4],
  behind: ['frogLegs'],
};
