import { loop, type Point, pointsOf } from '../curve';
import { isRough, path, units } from '../easel';
import { hexOf } from '../pigments';
import { halo, type Mark } from './mark';

/** A blotch: through given places (x, level), or an oval about one. */
export const blotch: Mark = {
  main: 'at',
  numbers: { at: [], x: [50], y: [0], w: [10], h: [10], turn: [0], a: [0.95], halo: [1] },
  draw(easel, values) {
    const { outline, pen } = easel;
    const given = values.all('at');
    const [cx, cy] = outline.at(values.one('x'), values.one('y'));
    const turn = (values.one('turn') * Math.PI) / 180;
    const points =
      given.length >= 6
        ? pointsOf(given).map(([x, v]) => outline.at(x, v))
        : [0, 1, 2, 3, 4, 5].map((k): Point => {
            const t = (k / 6) * 2 * Math.PI;
            const [dx, dy] = [(Math.cos(t) * values.one('w')) / 2, (Math.sin(t) * values.one('h')) / 2];
            return [
              cx + dx * Math.cos(turn) - dy * Math.sin(turn),
              cy + dx * Math.sin(turn) + dy * Math.cos(turn),
            ];
          });
    const [hex, opacity] = [hexOf(values.colour), values.one('a')];
    return path(pen.path([loop(points)], true), {
      fill: hex,
      'fill-opacity': opacity,
      ...halo(hex, units(values.one('halo')), 0.3 * opacity, isRough(easel)),
    });
  },
};
