import { cut, pointAt } from '../curve';
import { isRough, path, roundStroke } from '../easel';
import { strokeSegment } from '../pen';
import { finHexOf } from '../pigments';
import type { FinMark } from './finMark';

/** Streaks along the rays: so many, from one height to another. */
export const streaks: FinMark = {
  main: 'n',
  numbers: { n: [12], f: [0.2, 0.95], w: [0.7], a: [0.8] },
  draw(easel, fin, values) {
    if (isRough(easel)) return '';
    const strokes = fin.rays(values.one('n')).map((ray) => {
      const s = cut(strokeSegment(ray), values.one('f', 0), values.one('f', 1));
      const middle = pointAt(s, 0.5);
      return [
        s[0],
        [2 * middle[0] - (s[0][0] + s[3][0]) / 2, 2 * middle[1] - (s[0][1] + s[3][1]) / 2] as const,
        s[3],
      ];
    });
    return path(
      easel.pen.strokes(strokes),
      roundStroke(finHexOf(values.colour), values.one('w'), values.one('a')),
    );
  },
};
