import { isRough, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import { blade, leg, paddle } from './legs';
import { inked, type Part } from './part';

/** Legs, swimming legs, tail fan and feelers of a shrimp. */
export const shrimpLegs: Part = (easel) => {
  const { animal, pen } = easel;
  const hex = hexOf(animal.tone[1]);
  const walking = [
    [20, -4, 2, 15, 7],
    [24, -4.5, 2.6, 16, 6],
    [28, -5, 3.4, 17, 5],
    [32, -5, 4.4, 17, 4],
    [36, -5, 5.4, 16, 2],
  ] as const;
  const swimming = [
    [44, -5, 9],
    [52, -5, 9.5],
    [60, -4.4, 9],
    [67, -4.4, 8],
    [74, -5.4, 6.5],
  ] as const;
  const fan =
    blade(pen, [87, -4], [88.5, -6], [105.5, -8]) +
    blade(pen, [87.5, -5.5], [87, -7], [104, -14.5]) +
    blade(pen, [87, -6.5], [85, -8], [98.5, -19.5]);
  const feelers =
    pen.curve([
      [6, 2],
      [-10, 4],
      [-26, 14],
      [-34, 30],
    ]) +
    pen.curve([
      [6, 1],
      [-8, -2],
      [-26, -3],
      [-42, 3],
    ]) +
    pen.curve([
      [5, 3],
      [-6, 8],
      [-14, 16],
    ]) +
    pen.curve([
      [5, 2],
      [-8, 3],
      [-16, 8],
    ]);
  return (
    path(walking.map((one) => leg(pen, one)).join(''), roundStroke(hex, 0.9, 0.8)) +
    path(swimming.map((one) => paddle(pen, one)).join(''), inked(easel, hex, 0.35, 0.65)) +
    path(fan, inked(easel, hex, 0.4, 0.8)) +
    (isRough(easel) ? '' : path(feelers, roundStroke(hex, 0.55, 0.8))) +
    path(leg(pen, [14, -3, 1, 10, 7]) + leg(pen, [17, -3.5, 1, 11, 7]), roundStroke(hex, 1.1, 0.8))
  );
};
