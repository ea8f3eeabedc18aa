import type { TailFinType } from '../margin';

/** Wide, with points above and below. */
export const kite: TailFinType = {
  margin: [
    [0.02, 0.34, 0.64],
    [0.05, 0.68, 0.92],
    [0.07, 1, 1.04],
    [0.09, 0.9, 0.94],
    [0.14, 0.72, 0.82],
    [0.3, 0.69, 0.45],
    [0.5, 0.69, 0],
  ],
};
