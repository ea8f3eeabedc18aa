import { path } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** Pelvic lobes, tail and spine of a stingray. */
export const rayTail: Part = (easel) => {
  const { animal, pen } = easel;
  const skin = inked(easel, hexOf(animal.tone[1]), 0.45);
  const lobe = (k: 1 | -1): string =>
    pen.loop([
      [86, 7 * k],
      [90, 17 * k],
      [101, 19 * k],
      [107, 11 * k],
      [99, 3 * k],
    ]);
  return (
    path(lobe(1) + lobe(-1), skin) +
    path(
      pen.ribbon([
        [90, 0, 10],
        [108, 0.6, 7],
        [128, -1, 4.4],
        [150, 2, 2.4],
        [168, 7, 0.4],
      ]),
      skin,
    ) +
    path(
      pen.ribbon([
        [132, -0.6, 0.8],
        [141, 3.2, 1.2],
        [150, 4.6, 0.3],
      ]),
      inked(easel, hexOf('bone'), 0.5),
    )
  );
};
