import type { TailFinType } from '../margin';

/** A shallow notch. */
export const notch: TailFinType = {
  margin: [
    [0.02, 0.4, 0.68],
    [0.07, 0.85, 0.94],
    [0.12, 0.98, 0.96],
    [0.2, 0.96, 0.78],
    [0.34, 0.83, 0.4],
    [0.5, 0.77, 0],
  ],
};
