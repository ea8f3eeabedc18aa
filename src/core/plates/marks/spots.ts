import { distance, lerp, type Point, random } from '../curve';
import { fieldOf, isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import { type Mark, triplesOf } from './mark';

const TRIES = 10;

/** A field of spots, well spread: each takes the best of several places. `clear` keeps circles free (x, height, radius). */
export const spots: Mark = {
  main: 'n',
  numbers: {
    n: [40],
    size: [1.4],
    x: [10, 97],
    v: [-0.8, 0.9],
    seed: [7],
    a: [0.9],
    vary: [0],
    clear: [],
  },
  draw(easel, values) {
    if (isRough(easel) && values.one('size') < 3) return '';
    const { outline, pen } = easel;
    const roll = random(values.one('seed'));
    const [count, size] = fieldOf(easel, values.one('n'), values.one('size'));
    const clear = triplesOf(values.all('clear'));
    const points: Point[] = [];
    for (let i = 0; i < count; i++) {
      let best: Point = [0, 0];
      let farthest = -Infinity;
      for (let k = 0; k < TRIES; k++) {
        const p = outline.at(
          lerp(values.one('x', 0), values.one('x', 1), roll()),
          lerp(values.one('v', 0), values.one('v', 1), roll()),
        );
        let far = Infinity;
        for (const q of points) far = Math.min(far, distance(p, q));
        for (const [x, y, r] of clear) far = Math.min(far, distance(p, [x, y]) - r);
        if (far > farthest) {
          farthest = far;
          best = p;
        }
      }
      points.push(best);
    }
    const [hex, opacity, vary] = [hexOf(values.colour), values.one('a'), values.one('vary')];
    const draw = (list: readonly Point[], width: number): string =>
      path(pen.dots(list), roundStroke(hex, width, opacity));
    return vary > 0
      ? draw(
          points.filter((_, i) => i % 2 === 1),
          size * (1 + vary),
        ) +
          draw(
            points.filter((_, i) => i % 2 === 0),
            size * (1 - vary),
          )
      : draw(points, size);
  },
};
