import type { TailFinType } from '../margin';

/** Cut off aslant, the upper ray drawn out to a thread: whiptails, twig catfish. */
export const scythe: TailFinType = {
  margin: [
    [0.02, 0.2, 0.5],
    [0.04, 0.6, 0.9],
    [0.05, 1, 1.2],
    [0.07, 0.5, 0.8],
    [0.14, 0.34, 0.6],
    [0.5, 0.26, 0],
    [0.9, 0.3, -0.6],
    [0.97, 0.2, -0.6],
  ],
  isWhole: true,
};
