import type { FinMark } from './finMark';
import { patch } from './patch';

/** The margin of the fin, so wide. */
export const edge: FinMark = {
  main: 'w',
  numbers: { w: [0.12], u: [0, 1], a: [0.9] },
  draw: (easel, fin, values) =>
    patch(easel, fin, values, [values.one('u', 0), values.one('u', 1), 1 - values.one('w'), 1]),
};
