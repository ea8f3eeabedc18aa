import type { EdgeFinType } from '../margin';

/** A soft fin that trails behind: gouramis. */
export const trail: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0.01, 0.4, 0.06],
    [0.06, 0.62, 0.2],
    [0.25, 0.72, 0.3],
    [0.55, 0.82, 0.42],
    [0.8, 0.98, 0.7],
    [0.94, 1, 1.02],
    [0.99, 0.72, 0.98],
    [1, 0.3, 0.5],
    [1, 0, 0],
  ],
};
