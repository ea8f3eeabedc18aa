import { lerp, random } from '../curve';
import { fieldOf, isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import type { Mark } from './mark';

/** Short crooked strokes all over: the worm lines of plecos, the marbling of bettas. `lean` is their angle, 90 upright. */
export const maze: Mark = {
  main: 'n',
  numbers: {
    n: [40, 1.6],
    long: [9],
    x: [4, 98],
    v: [-0.8, 0.92],
    lean: [60],
    spread: [50],
    a: [0.9],
    seed: [9],
  },
  draw(easel, values) {
    if (isRough(easel)) return '';
    const { outline, pen } = easel;
    const roll = random(values.one('seed'));
    const [count, width] = fieldOf(easel, values.one('n', 0), values.one('n', 1));
    let d = '';
    const columns = Math.max(1, Math.round(Math.sqrt(count * 2.4)));
    const lines = Math.ceil(count / columns);
    for (let i = 0; i < count; i++) {
      const column = i % columns;
      const [cx, cy] = outline.at(
        lerp(values.one('x', 0), values.one('x', 1), (column + 0.25 + roll() * 0.5) / columns),
        lerp(values.one('v', 0), values.one('v', 1), (Math.floor(i / columns) + 0.25 + roll() * 0.5) / lines),
      );
      const angle = ((values.one('lean') + (roll() - 0.5) * 2 * values.one('spread')) * Math.PI) / 180;
      const half = (values.one('long') * (0.6 + 0.6 * roll())) / 2;
      const bow = (roll() - 0.5) * half;
      const [dx, dy] = [Math.cos(angle) * half, Math.sin(angle) * half];
      d += pen.curve([
        [cx - dx, cy - dy],
        [cx - (dy / half) * bow * 0.6, cy + (dx / half) * bow * 0.6],
        [cx + dx, cy + dy],
      ]);
    }
    return path(d, roundStroke(hexOf(values.colour), width, values.one('a')));
  },
};
