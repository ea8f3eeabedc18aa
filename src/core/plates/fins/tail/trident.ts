import type { TailFinType } from '../margin';

/** Forked, with the middle rays drawn out as well: emperor tetras, Congo tetras. */
export const trident: TailFinType = {
  margin: [
    [0.02, 0.4, 0.66],
    [0.07, 0.8, 0.94],
    [0.12, 0.96, 1],
    [0.2, 0.74, 0.74],
    [0.32, 0.62, 0.4],
    [0.42, 0.72, 0.14],
    [0.5, 1, 0],
  ],
};
