import type { EdgeFinType } from '../margin';

/** Tall and wide, a flag: sailfin mollies, sailfin plecos. */
export const flag: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0, 0.5, 0.06],
    [0.04, 0.84, 0.2],
    [0.16, 1, 0.34],
    [0.45, 1, 0.4],
    [0.75, 0.88, 0.46],
    [0.94, 0.66, 0.56],
    [1, 0.36, 0.36],
    [1, 0, 0],
  ],
};
