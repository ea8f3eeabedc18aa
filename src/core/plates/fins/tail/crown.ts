import type { TailFinType } from '../margin';

/** Rays that stand far out of the web, like a crown: crowntail bettas. */
export const crown: TailFinType = {
  margin: [
    [0.01, 0.3, 0.6],
    [0.03, 0.66, 1, true],
    [0.07, 0.42, 0.72],
    [0.11, 0.88, 0.92, true],
    [0.16, 0.54, 0.6],
    [0.21, 1, 0.7, true],
    [0.27, 0.62, 0.42],
    [0.32, 1.04, 0.44, true],
    [0.38, 0.66, 0.24],
    [0.44, 1.06, 0.16, true],
    [0.47, 0.74, 0.06],
    [0.5, 0.68, 0],
  ],
  isLong: true,
};
