import { path } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** The mouth of sucker catfish, under the head. */
export const sucker: Part = (easel) => {
  const { animal, outline, pen } = easel;
  const [x, length, drop] = animal.build.sucker ?? [6, 8, 2];
  const y = outline.bottom(x);
  return path(
    pen.loop([
      [x - length * 0.5, y + 2],
      [x - length * 0.36, y - drop * 0.6],
      [x + length * 0.1, y - drop],
      [x + length * 0.55, y + 1.2],
    ]),
    inked(easel, hexOf(animal.tone[1]), 0.45),
  );
};
