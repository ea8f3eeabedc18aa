import type { FinMark } from './finMark';
import { patch } from './patch';

/** A part from one place along the base to another. */
export const part: FinMark = {
  main: 'u',
  numbers: { u: [0.4, 0.6], f: [0, 1], a: [0.85] },
  draw: (easel, fin, values) =>
    patch(easel, fin, values, [
      values.one('u', 0),
      values.one('u', 1),
      values.one('f', 0),
      values.one('f', 1),
    ]),
};
