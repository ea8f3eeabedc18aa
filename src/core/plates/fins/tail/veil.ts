import type { TailFinType } from '../margin';

/** Long and hanging: bettas. */
export const veil: TailFinType = {
  margin: [
    [0.02, 0.12, 0.4],
    [0.1, 0.34, 0.56],
    [0.22, 0.64, 0.5],
    [0.36, 0.87, 0.1],
    [0.5, 0.98, -0.45],
    [0.62, 1, -0.98],
    [0.72, 0.9, -1.26],
    [0.82, 0.64, -1.16],
    [0.92, 0.3, -0.78],
    [0.98, 0.1, -0.42],
  ],
  isWhole: true,
  isLong: true,
};
