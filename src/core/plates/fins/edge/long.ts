import type { EdgeFinType } from '../margin';

/** A long fin of even height with soft rays. */
export const long: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0.01, 0.5, 0.1],
    [0.06, 0.86, 0.3],
    [0.2, 0.95, 0.3],
    [0.5, 0.9, 0.3],
    [0.8, 0.86, 0.5],
    [0.97, 0.85, 0.95],
    [1, 0.5, 0.8],
    [1, 0, 0],
  ],
};
