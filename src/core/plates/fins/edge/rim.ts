import type { EdgeFinType } from '../margin';

/** A rim around a disc: discus. */
export const rim: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0.02, 0.34, 0],
    [0.12, 0.58, 0.02],
    [0.32, 0.8, 0.12],
    [0.55, 0.94, 0.34],
    [0.75, 1, 0.7],
    [0.9, 0.86, 1.05],
    [0.98, 0.5, 1.15],
    [1, 0.22, 0.8],
    [1, 0, 0],
  ],
  spines: 0.4,
};
