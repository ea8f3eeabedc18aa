import type { TailFinType } from '../margin';

/** Two pointed lobes. */
export const forked: TailFinType = {
  margin: [
    [0.02, 0.4, 0.62],
    [0.07, 0.84, 0.93],
    [0.11, 0.99, 1],
    [0.15, 0.95, 0.9],
    [0.28, 0.66, 0.5],
    [0.42, 0.47, 0.16],
    [0.5, 0.43, 0],
  ],
};
