import type { TailFinType } from '../margin';

/** Wide and round with a soft point: wild bettas, killifish, paradise fish without lyre. */
export const spade: TailFinType = {
  margin: [
    [0.03, 0.34, 0.76],
    [0.12, 0.62, 1],
    [0.24, 0.84, 0.84],
    [0.38, 0.96, 0.42],
    [0.5, 1, 0],
  ],
};
