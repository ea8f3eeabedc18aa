import { path } from '../easel';
import { hexOf } from '../pigments';
import { inked, type Part } from './part';

/** The limbs of a water frog, seen from the side: small hands before, strong webbed feet behind. */
export const frogLegs: Part = (easel) => {
  const { animal, pen } = easel;
  const skin = inked(easel, hexOf(animal.tone[1]), 0.5);
  const arm = pen.ribbon([
    [36, -10, 6],
    [29, -20, 4.6],
    [20, -24, 3.4],
  ]);
  const fingers = [-6, -1, 4]
    .map((dy) =>
      pen.ribbon([
        [21, -24, 2],
        [15, -25 + dy * 0.6, 1.4],
        [10, -26 + dy, 0.6],
      ]),
    )
    .join('');
  const thigh = pen.ribbon([
    [82, -6, 13],
    [98, 2, 15],
    [112, 0, 10],
  ]);
  const shin = pen.ribbon([
    [112, 2, 9],
    [104, -14, 9],
    [96, -24, 5],
  ]);
  const web = pen.curve([
    [95, -24],
    [108, -25],
    [122, -22, true],
    [119, -28],
    [122, -33, true],
    [110, -31],
    [112, -37, true],
    [100, -32],
    [95, -27],
  ]);
  return path(thigh + shin, skin) + path(`${web}z`, skin) + path(arm + fingers, skin);
};
