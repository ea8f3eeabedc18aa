import type { EdgeFinType } from '../margin';

/** Long and soft with an uneven edge: bettas. */
export const drape: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0, 0.3, 0.1],
    [0.05, 0.5, 0.34],
    [0.2, 0.62, 0.5],
    [0.45, 0.76, 0.66],
    [0.7, 0.92, 0.88],
    [0.86, 1, 1.08],
    [0.95, 0.93, 1.22],
    [0.99, 0.6, 0.98],
    [1, 0.3, 0.5],
    [1, 0, 0],
  ],
  isRippled: true,
};
