import type { EdgeFinType } from '../margin';

/** Separate spines with a notch behind each: cacatuoides and its like. */
export const comb: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0.01, 0.5, 0.02],
    [0.03, 0.72, 0.06, true],
    [0.07, 0.48, 0.08],
    [0.11, 1, 0.22, true],
    [0.16, 0.6, 0.14],
    [0.2, 1.12, 0.3, true],
    [0.25, 0.62, 0.16],
    [0.3, 1, 0.3, true],
    [0.36, 0.56, 0.16],
    [0.42, 0.76, 0.26, true],
    [0.5, 0.54, 0.18],
    [0.7, 0.6, 0.32],
    [0.88, 0.76, 0.9],
    [0.97, 0.6, 1],
    [1, 0.25, 0.4],
    [1, 0, 0],
  ],
  spines: 0.45,
};
