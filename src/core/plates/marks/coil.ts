import type { Point } from '../curve';
import { isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import type { Mark } from './mark';

const STEPS_A_TURN = 14;

/** The seam of a flat shell: a spiral of so many turns about its middle, out to its rim. */
export const coil: Mark = {
  main: 'n',
  numbers: { n: [3], apex: [48, 27], r: [29], w: [1.1], a: [0.8] },
  draw(easel, values) {
    const [x, y] = [values.one('apex', 0), values.one('apex', 1)];
    const [turns, rim] = [isRough(easel) ? 2 : values.one('n'), values.one('r')];
    const points = Array.from({ length: Math.ceil(turns * STEPS_A_TURN) + 1 }, (_, i): Point => {
      const t = i / STEPS_A_TURN;
      // Whorls grow outwards: each is wider than the one within.
      const r = rim * (t / turns) ** 1.4;
      // It ends at the mouth, low in front.
      const angle = 2 * Math.PI * (t - turns) - 2.5;
      return [x + Math.cos(angle) * r, y + Math.sin(angle) * r];
    });
    return path(easel.pen.curve(points), roundStroke(hexOf(values.colour), values.one('w'), values.one('a')));
  },
};
