import type { TailFinType } from '../margin';

/** Rounded, the lower rays drawn out to a sword. Its length is that of the sword. */
export const sword: TailFinType = {
  margin: [
    [0.03, 0.14, 0.8],
    [0.1, 0.28, 1],
    [0.2, 0.35, 0.84],
    [0.4, 0.38, 0.3],
    [0.6, 0.37, -0.3],
    [0.72, 0.36, -0.66],
    [0.8, 0.46, -0.84],
    [0.88, 1, -0.98],
    [0.92, 0.72, -1.06],
    [0.97, 0.22, -0.96],
  ],
  isWhole: true,
};
