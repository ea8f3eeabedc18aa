import type { FinMark } from './finMark';
import { patch } from './patch';

/** A band between two heights of the fin. */
export const band: FinMark = {
  main: 'f',
  numbers: { f: [0.4, 0.7], u: [0, 1], a: [0.9] },
  draw: (easel, fin, values) =>
    patch(easel, fin, values, [
      values.one('u', 0),
      values.one('u', 1),
      values.one('f', 0),
      values.one('f', 1),
    ]),
};
