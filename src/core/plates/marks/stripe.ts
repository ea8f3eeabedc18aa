import { type Point, spline } from '../curve';
import { isRough, path, units } from '../easel';
import { hexOf } from '../pigments';
import { halo, type Mark, triplesOf } from './mark';

/** A stripe along the body: through given places (x, level, width), or at one level from x to x with tapering ends. */
export const stripe: Mark = {
  main: 'at',
  numbers: { at: [], y: [0], w: [3], x: [6, 99], dip: [0], a: [1], halo: [0.8] },
  draw(easel, values) {
    const { outline, pen } = easel;
    const given = triplesOf(values.all('at'));
    const [from, to] = [values.one('x', 0), values.one('x', 1)];
    const [y, width, dip] = [values.one('y'), values.one('w'), values.one('dip')];
    const run =
      given.length > 1
        ? given
        : [0, 0.12, 0.4, 0.75, 1].map(
            (t, i) =>
              [
                from + (to - from) * t,
                y - dip * Math.sin(t * Math.PI),
                width * ([0.4, 0.9, 1, 0.9, 0.5][i] as number),
              ] as const,
          );
    const side = (k: 1 | -1): readonly Point[] =>
      run.map(([x, v, w]) => {
        const p = outline.at(x, v);
        return [p[0], p[1] + (k * w) / 2];
      });
    const [hex, opacity] = [hexOf(values.colour), values.one('a')];
    return path(pen.path([spline(side(1)), spline([...side(-1)].reverse())], true), {
      fill: hex,
      'fill-opacity': opacity,
      ...halo(hex, units(values.one('halo')), 0.35 * opacity, isRough(easel)),
    });
  },
};
