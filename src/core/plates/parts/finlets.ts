import { path } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** The row of little fins on a bichir's back. */
export const finlets: Part = (easel) => {
  const { animal, outline, pen } = easel;
  const d = Array.from({ length: 10 }, (_, i) => {
    const x = 36 + i * 5.4;
    const y = outline.top(x);
    return (
      pen.curve([
        [x, y - 0.6],
        [x + 2.4, y + 5],
        [x + 4.4, y + 6.4, true],
        [x + 5, y + 3],
        [x + 3.6, y - 0.8],
      ]) + 'z'
    );
  }).join('');
  return path(d, inked(easel, hexOf(animal.fins.all.colours[0] ?? animal.tone[1]), 0.4, 0.8));
};
