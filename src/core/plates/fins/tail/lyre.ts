import type { TailFinType } from '../margin';

/** Both outer rays drawn out. */
export const lyre: TailFinType = {
  margin: [
    [0.02, 0.32, 0.66],
    [0.05, 0.66, 0.9],
    [0.07, 1, 1],
    [0.08, 1, 0.97],
    [0.12, 0.74, 0.8],
    [0.25, 0.6, 0.5],
    [0.4, 0.55, 0.2],
    [0.5, 0.54, 0],
  ],
};
