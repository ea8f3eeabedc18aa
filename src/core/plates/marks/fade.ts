import type { Mark } from './mark';
import { wash } from './wash';

/** A colour that comes in from one place (x, height) and is full at another, aslant. */
export const fade: Mark = {
  main: 'at',
  numbers: { at: [40, 0, 60, 0], a: [1] },
  draw: (easel, values) =>
    wash(
      easel,
      values.colour,
      [values.one('at', 0), values.one('at', 1)],
      [values.one('at', 2), values.one('at', 3)],
      values.one('a'),
    ),
};
