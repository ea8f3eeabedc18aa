import type { EdgeFinType } from '../margin';

/** Spines in front, soft rays drawn out behind: most cichlids. */
export const spiny: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0.01, 0.35, 0.05],
    [0.06, 0.62, 0.12],
    [0.2, 0.8, 0.16],
    [0.45, 0.86, 0.2],
    [0.65, 0.92, 0.3],
    [0.8, 1.06, 0.6],
    [0.93, 1.12, 1.25],
    [0.98, 1, 1.7],
    [0.99, 0.72, 1.1],
    [1, 0.35, 0.5],
    [1, 0, 0],
  ],
  spines: 0.66,
};
