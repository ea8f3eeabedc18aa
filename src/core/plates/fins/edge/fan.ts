import type { EdgeFinType } from '../margin';

/** A rounded fan: livebearers, loaches, plecos. */
export const fan: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0, 0.5, 0.02],
    [0.08, 0.86, 0.12],
    [0.3, 1, 0.22],
    [0.65, 0.92, 0.34],
    [0.95, 0.66, 0.42],
    [1, 0.4, 0.3],
    [1, 0, 0],
  ],
};
