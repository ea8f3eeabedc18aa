import type { EdgeFinType } from '../margin';

/** Low in front, a rounded lobe behind: the anal fin of cichlids. */
export const lobe: EdgeFinType = {
  margin: [
    [0, 0, 0],
    [0.01, 0.28, 0.05],
    [0.08, 0.42, 0.1],
    [0.3, 0.5, 0.12],
    [0.55, 0.6, 0.16],
    [0.7, 0.84, 0.3],
    [0.84, 1, 0.62],
    [0.96, 0.8, 0.98],
    [1, 0.4, 0.72],
    [1, 0, 0],
  ],
  spines: 0.6,
  spinesBelow: 0.2,
};
