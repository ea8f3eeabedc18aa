import { isRough, path, units } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** The foot, head and feelers of a snail, under its shell; its eye at the root of a feeler. */
export const snailFoot: Part = (easel) => {
  const { animal, pen } = easel;
  const skin = inked(easel, hexOf(animal.barbelColour), 0.45);
  const feeler = (x: number, y: number, dx: number, dy: number): string =>
    pen.ribbon([
      [x, y, 1.8],
      [x + dx * 0.5, y + dy * 0.6, 1],
      [x + dx, y + dy, 0.3],
    ]);
  const [ex, ey] = pen.place([-2, 6.2]);
  return (
    path(feeler(-3, 6, -13, 9) + feeler(1, 7, -9, 13), skin) +
    path(
      pen.loop([
        [-9, 2],
        [-7, 6.6],
        [-1, 9.4],
        [8, 9],
        [50, 7],
        [86, 9],
        [97, 4],
        [101, 0.6],
        [60, -0.6],
        [10, -0.6],
        [-5, -0.2],
      ]),
      skin,
    ) +
    (isRough(easel) ? '' : `<circle cx="${ex}" cy="${ey}" r="${units(0.9)}" fill="#14181a"/>`)
  );
};
