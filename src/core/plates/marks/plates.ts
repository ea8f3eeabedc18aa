import { isFine, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import { evenly } from './bars';
import type { Mark } from './mark';

/** Edges of bony plates or of the rings of a tail, across the body. Drawn on a plate only. */
export const plates: Mark = {
  main: 'x',
  numbers: { x: [34, 94], n: [12], v: [-0.85, 0.85], bow: [-2.2], w: [0.5], a: [0.4] },
  draw(easel, values) {
    if (!isFine(easel)) return '';
    const { outline, pen } = easel;
    const [low, high, bow] = [values.one('v', 0), values.one('v', 1), values.one('bow')];
    const d = evenly(values.one('n'), values.one('x', 0), values.one('x', 1))
      .map((x) =>
        pen.curve(
          [outline.at(x, high), outline.at(x + bow, (low + high) / 2), outline.at(x, low)].map(
            ([px, py]) => [px, py] as const,
          ),
        ),
      )
      .join('');
    return path(d, { ...roundStroke(hexOf(values.colour), values.one('w'), values.one('a')) });
  },
};
