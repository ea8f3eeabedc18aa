import type { TailFinType } from '../margin';

/** Pointed in the middle. */
export const lance: TailFinType = {
  margin: [
    [0.05, 0.3, 0.8],
    [0.18, 0.58, 0.9],
    [0.34, 0.84, 0.5],
    [0.46, 0.98, 0.1],
    [0.5, 1, 0],
  ],
};
