import { path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import type { Part } from './part';

/** The long thin arms of a whisker shrimp, with small pincers. */
export const longArms: Part = (easel) => {
  const { animal, pen } = easel;
  const arm = (y: number, tip: readonly [number, number]): string =>
    pen.curve([
      [16, -3],
      [4, -8 + y],
      [-12, -6 + y],
      [tip[0], tip[1]],
    ]);
  return path(arm(0, [-30, -10]) + arm(5, [-26, 0]), roundStroke(hexOf(animal.tone[1]), 1, 0.9));
};
