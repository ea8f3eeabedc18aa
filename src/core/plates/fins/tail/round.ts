import type { TailFinType } from '../margin';

/** Rounded. */
export const round: TailFinType = {
  margin: [
    [0.03, 0.4, 0.78],
    [0.1, 0.74, 1],
    [0.2, 0.9, 0.9],
    [0.34, 0.98, 0.5],
    [0.5, 1, 0],
  ],
};
