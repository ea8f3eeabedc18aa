import type { FinMark } from './finMark';
import { patch } from './patch';

/** The base of the fin, so high. */
export const base: FinMark = {
  main: 'w',
  numbers: { w: [0.35], u: [0, 1], a: [0.85] },
  draw: (easel, fin, values) =>
    patch(easel, fin, values, [values.one('u', 0), values.one('u', 1), 0, values.one('w')]),
};
