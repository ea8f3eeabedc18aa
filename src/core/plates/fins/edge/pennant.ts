import type { EdgeFinType } from '../margin';

/** A short base whose first rays are drawn out to a thread. */
export const pennant: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0.01, 0.4, 0.22],
    [0.05, 0.8, 0.56],
    [0.08, 1, 0.92, true],
    [0.2, 0.66, 0.62],
    [0.5, 0.42, 0.42],
    [0.9, 0.3, 0.34],
    [1, 0.2, 0.24, true],
    [1, 0, 0],
  ],
};
