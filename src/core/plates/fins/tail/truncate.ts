import type { TailFinType } from '../margin';

/** Cut off straight. */
export const truncate: TailFinType = {
  margin: [
    [0.02, 0.42, 0.72],
    [0.07, 0.86, 0.96],
    [0.12, 0.98, 0.96],
    [0.22, 0.98, 0.74],
    [0.36, 0.95, 0.36],
    [0.5, 0.94, 0],
  ],
};
