import type { Mark } from './mark';
import { wash } from './wash';

/** A colour that comes in from one level to another: a dark back, a white belly. */
export const level: Mark = {
  main: 'v',
  numbers: { v: [-0.2, -0.8], x: [45], a: [1] },
  draw: (easel, values) => {
    const at = (index: number) => easel.outline.at(values.one('x'), values.one('v', index));
    return wash(easel, values.colour, at(0), at(1), values.one('a'));
  },
};
