import type { EdgeFinType } from '../margin';

/** High in front, then low: the anal fin of characins. */
export const sickle: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0, 0.5, 0.2],
    [0.02, 0.94, 0.48],
    [0.08, 1, 0.55],
    [0.2, 0.72, 0.42],
    [0.42, 0.44, 0.24],
    [0.72, 0.3, 0.18],
    [0.97, 0.24, 0.26],
    [1, 0.17, 0.24, true],
    [1, 0, 0],
  ],
};
