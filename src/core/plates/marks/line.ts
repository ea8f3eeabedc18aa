import { pointsOf } from '../curve';
import { isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import type { Mark } from './mark';

/** A thin line through places (x, level): lines of the head, a streak under the eye. */
export const line: Mark = {
  main: 'at',
  numbers: { at: [], w: [0.7], a: [0.7] },
  draw(easel, values) {
    if (isRough(easel) && values.one('w') < 1.5) return '';
    const points = pointsOf(values.all('at')).map(([x, v]) => easel.outline.at(x, v));
    return points.length < 2
      ? ''
      : path(
          easel.pen.curve(points.map(([x, y]) => [x, y] as const)),
          roundStroke(hexOf(values.colour), values.one('w'), values.one('a')),
        );
  },
};
