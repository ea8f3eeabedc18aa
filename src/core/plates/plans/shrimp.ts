import type { Build } from '../animal';

/** Dwarf shrimps. */
export const shrimp: Build = {
  snout: [-3, 5.4],
  top: [
    2, 6.2, 7, 7, 12, 8.6, 20, 11.8, 31, 13.6, 39, 13.4, 48, 15, 57, 15.2, 66, 13, 75, 8, 83, 1.6, 89, -5,
  ],
  bottom: [
    2, -3.4, 6, -1.4, 10, 3, 17, 5.8, 28, 6.8, 37, 6.2, 45, 6.4, 54, 6, 63, 5.6, 71, 6, 79, 7.6, 86, 9,
  ],
  total: 106,
  eye: [9.2, 5.4, 1.7],
  behind: ['shrimpLegs'],
};
