import type { TailFinType } from '../margin';

/** Spread to a half circle: bettas bred for it, show guppies. */
export const halfmoon: TailFinType = {
  margin: [
    [0.01, 0.1, 0.62],
    [0.04, 0.3, 1],
    [0.12, 0.66, 0.98],
    [0.25, 0.88, 0.68],
    [0.4, 0.98, 0.26],
    [0.5, 1, 0],
  ],
  isLong: true,
};
