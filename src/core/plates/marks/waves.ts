import { lerp, random } from '../curve';
import { fieldOf, isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import type { Mark } from './mark';

/** Wavy lines along the body: so many, their width, from level to level; `wobble` is how far they stray. */
export const waves: Mark = {
  main: 'n',
  numbers: { n: [8, 1.2], x: [28, 96], v: [-0.8, 0.8], wobble: [0.04], a: [0.85], seed: [5] },
  draw(easel, values) {
    if (isRough(easel)) return '';
    const { outline, pen } = easel;
    const roll = random(values.one('seed'));
    const [count, width] = fieldOf(easel, values.one('n', 0), values.one('n', 1));
    const [x0, x1, wobble] = [values.one('x', 0), values.one('x', 1), values.one('wobble')];
    let d = '';
    for (let i = 0; i < count; i++) {
      const v = lerp(values.one('v', 0), values.one('v', 1), count > 1 ? i / (count - 1) : 0.5);
      const turns = 6 + Math.round((x1 - x0) / 18);
      const from = x0 + (x1 - x0) * 0.07 * roll();
      const to = x1 - (x1 - x0) * 0.1 * roll();
      d += pen.curve(
        Array.from({ length: turns }, (_, j) => {
          const [x, y] = outline.at(lerp(from, to, j / (turns - 1)), v + (roll() - 0.5) * 2 * wobble);
          return [x, y] as const;
        }),
      );
    }
    return path(d, roundStroke(hexOf(values.colour), width, values.one('a')));
  },
};
