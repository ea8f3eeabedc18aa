import { loop } from '../curve';
import { path } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** The raspberry growth on the head of orandas and ranchus. */
export const hood: Part = (easel) => {
  const { animal, outline, pen } = easel;
  const bumps = Array.from({ length: 9 }, (_, i) => {
    const x = 2 + i * 3;
    const y = outline.top(x) + 0.6;
    return pen.path(
      [
        loop([
          [x - 3, y - 3],
          [x - 1.4, y + 2.2],
          [x + 2.2, y + 2.4],
          [x + 3.6, y - 2.6],
        ]),
      ],
      true,
    );
  }).join('');
  return path(bumps, inked(easel, hexOf(animal.barbelColour), 0.3));
};
