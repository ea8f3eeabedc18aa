import type { Mark } from './mark';
import { wash } from './wash';

/** A zone of colour to the end of the body: it comes in at the first x and is full at the second. */
export const zone: Mark = {
  main: 'x',
  numbers: { x: [50, 60], a: [1] },
  draw: (easel, values) =>
    wash(easel, values.colour, [values.one('x', 0), 0], [values.one('x', 1), 0], values.one('a')),
};
