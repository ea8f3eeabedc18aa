import type { TailFinType } from '../margin';

/** A wide shallow crescent: pacus, catfish of the open water. */
export const moon: TailFinType = {
  margin: [
    [0.02, 0.4, 0.66],
    [0.07, 0.84, 1],
    [0.11, 0.96, 1.06],
    [0.18, 0.84, 0.82],
    [0.34, 0.68, 0.4],
    [0.5, 0.64, 0],
  ],
};
