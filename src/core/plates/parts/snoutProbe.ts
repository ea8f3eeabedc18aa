import { path } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** The feeler of an elephantnose, on its chin. */
export const snoutProbe: Part = (easel) => {
  const [x, y] = easel.animal.build.snout;
  return path(
    easel.pen.ribbon([
      [x + 3, y - 0.6, 3],
      [x - 3, y - 2.4, 2.6],
      [x - 7, y - 6.4, 1.8],
    ]),
    inked(easel, hexOf(easel.animal.tone[1]), 0.5),
  );
};
