import type { FinMark } from './finMark';
import { patch } from './patch';

/** The first rays. */
export const front: FinMark = {
  main: 'w',
  numbers: { w: [0.16], f: [0, 1], a: [0.85] },
  draw: (easel, fin, values) =>
    patch(easel, fin, values, [0, values.one('w'), values.one('f', 0), values.one('f', 1)]),
};
