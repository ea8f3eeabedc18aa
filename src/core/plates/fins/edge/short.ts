import type { EdgeFinType } from '../margin';

/** A short fin with a pointed front and a hollow rear edge: tetras, barbs, catfish. */
export const short: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0, 0.5, 0.13],
    [0.02, 0.93, 0.38],
    [0.09, 1, 0.47],
    [0.4, 0.68, 0.38],
    [0.8, 0.38, 0.27],
    [0.98, 0.26, 0.27],
    [1, 0.2, 0.24, true],
    [1, 0, 0],
  ],
};
