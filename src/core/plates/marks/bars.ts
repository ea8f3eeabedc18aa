import { lerp, spline } from '../curve';
import { group, isRough, path } from '../easel';
import { hexOf } from '../pigments';
import type { Mark } from './mark';

/** Centres of so many bars, evenly from one place to another. */
export const evenly = (count: number, from: number, to: number): readonly number[] =>
  Array.from({ length: count }, (_, i) => (count > 1 ? lerp(from, to, i / (count - 1)) : (from + to) / 2));

/** Vertical bars: at given places or so many from x to x; `taper` is the lower width over the upper. */
export const bars: Mark = {
  main: 'at',
  numbers: {
    at: [],
    n: [7],
    x: [30, 96],
    w: [6],
    v: [-1.1, 1.1],
    slant: [0],
    bow: [0],
    taper: [1],
    soft: [0.24],
    a: [1],
  },
  draw(easel, values) {
    const { outline, pen, definitions } = easel;
    const rough = isRough(easel);
    const soft = values.one('soft');
    const { colour } = values;
    const fill = rough
      ? hexOf(colour)
      : definitions.linear(
          [
            [0, colour, 0],
            [soft, colour, 1],
            [1 - soft, colour, 1],
            [1, colour, 0],
          ],
          {},
          false,
        );
    const [low, high] = [values.one('v', 0), values.one('v', 1)];
    const given = values.all('at');
    const centres =
      given.length > 0 ? given : evenly(values.one('n'), values.one('x', 0), values.one('x', 1));
    const widths = values.all('w');
    const [slant, bow, taper] = [values.one('slant'), values.one('bow'), values.one('taper')];
    const shapes = centres.map((x, i) => {
      const width = (widths[i % widths.length] as number) * (rough ? 0.75 : 1);
      const side = (k: 1 | -1) =>
        [high, (low + high) / 2, low].map((v, j) =>
          outline.at(x + slant * v + bow * (1 - v * v) + (k * width * lerp(1, taper, j / 2)) / 2, v),
        );
      if (low <= -1) return path(pen.path([spline(side(-1)), spline([...side(1)].reverse())], true), {});
      const depth = Math.max(6, outline.top(x) - outline.bottom(x));
      const foot = outline.at(x + slant * low, low - ((width * 0.35) / depth) * 2);
      return path(pen.path([spline([...side(-1), foot, ...[...side(1)].reverse()])], true), {});
    });
    return group({ fill, 'fill-opacity': values.one('a') }, shapes.join(''));
  },
};
