import { lerp, type Point, random } from '../curve';
import { fieldOf, isRough, path, roundStroke } from '../easel';
import { finHexOf } from '../pigments';
import type { FinMark } from './finMark';

/** Dots in rows, each a little off its place. */
export const dots: FinMark = {
  main: 'n',
  numbers: { n: [24, 1.1], f: [0.15, 0.9], u: [0.08, 0.92], rows: [3], a: [0.9], jitter: [0.25] },
  draw(easel, fin, values) {
    if (isRough(easel)) return '';
    const [count, size] = fieldOf(easel, values.one('n', 0), values.one('n', 1));
    const rowCount = values.one('rows');
    const each = Math.ceil(count / rowCount);
    const roll = random(count);
    const jitter = (): number => (roll() - 0.5) * values.one('jitter');
    const points: Point[] = [];
    for (let r = 0; r < rowCount; r++)
      for (let i = 0; i < each; i++) {
        const u = (i + (r % 2 ? 0.75 : 0.25) + jitter()) / each;
        const f = rowCount > 1 ? Math.min(1, Math.max(0, (r + jitter()) / (rowCount - 1))) : 0.5;
        points.push(
          fin.at(
            lerp(values.one('u', 0), values.one('u', 1), u),
            lerp(values.one('f', 0), values.one('f', 1), f),
          ),
        );
      }
    return path(easel.pen.dots(points), roundStroke(finHexOf(values.colour), size, values.one('a')));
  },
};
