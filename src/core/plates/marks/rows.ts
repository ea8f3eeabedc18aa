import { lerp, type Point } from '../curve';
import { isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import type { Mark } from './mark';

/** Rows of dots along the body, as scales carry them: so many rows from level to level, so many dots in each. */
export const rows: Mark = {
  main: 'n',
  numbers: { n: [5, 18], size: [1.2], x: [30, 97], v: [-0.6, 0.6], a: [0.9] },
  draw(easel, values) {
    if (isRough(easel)) return '';
    const [count, each] = [values.one('n', 0), values.one('n', 1)];
    const points = Array.from({ length: count }, (_, r) =>
      Array.from({ length: each }, (_, i): Point =>
        easel.outline.at(
          lerp(values.one('x', 0), values.one('x', 1), (i + (r % 2 ? 0.5 : 0)) / (each - 0.5)),
          count > 1 ? lerp(values.one('v', 0), values.one('v', 1), r / (count - 1)) : values.one('v', 0),
        ),
      ),
    ).flat();
    return path(
      easel.pen.dots(points),
      roundStroke(hexOf(values.colour), values.one('size'), values.one('a')),
    );
  },
};
