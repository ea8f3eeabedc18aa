import type { TailFinType } from '../margin';

/** A wide triangle: fancy guppies. */
export const delta: TailFinType = {
  margin: [
    [0.01, 0.4, 0.52],
    [0.03, 0.8, 0.85],
    [0.05, 0.97, 1],
    [0.1, 1.02, 0.94],
    [0.25, 1.02, 0.52],
    [0.5, 1.02, 0],
  ],
  isLong: true,
};
