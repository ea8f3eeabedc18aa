import type { FinMark } from './finMark';
import { patch } from './patch';

/** The outer rays of both lobes of the tail. */
export const lobes: FinMark = {
  main: 'w',
  numbers: { w: [0.16], f: [0, 1], a: [0.85] },
  draw: (easel, fin, values) =>
    patch(easel, fin, values, [0, values.one('w'), values.one('f', 0), values.one('f', 1)]) +
    patch(easel, fin, values, [1 - values.one('w'), 1, values.one('f', 0), values.one('f', 1)]),
};
