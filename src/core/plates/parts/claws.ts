import { type Point } from '../curve';
import { type Easel, path, roundStroke } from '../easel';
import { hexOf } from '../pigments';
import { blade, leg } from './legs';
import { inked, type Part } from './part';

/** One claw: an arm from the body, a hand, and two fingers that part. */
function claw({ pen }: Easel, [x, y]: Point, [tx, ty]: Point, size: number): string {
  const [dx, dy] = [tx - x, ty - y];
  const l = Math.hypot(dx, dy) || 1;
  const [ux, uy, nx, ny] = [dx / l, dy / l, -dy / l, dx / l];
  const at = (a: number, n: number): Point => [
    tx + ux * a * size + nx * n * size,
    ty + uy * a * size + ny * n * size,
  ];
  const arm = pen.ribbon([
    [x, y, size * 0.34],
    [x + dx * 0.5 + nx * size * 0.2, y + dy * 0.5 + ny * size * 0.2, size * 0.42],
    [tx, ty, size * 0.36],
  ]);
  const hand = pen.loop([
    at(-0.1, 0),
    at(0.3, 0.5),
    at(0.9, 0.46),
    at(1.9, 0.16),
    at(1.05, 0.08),
    at(0.85, -0.04),
    at(1.05, -0.12),
    at(1.7, -0.34),
    at(0.8, -0.5),
    at(0.2, -0.4),
  ]);
  return arm + hand;
}

/** Claws, legs, tail fan and feelers of a crayfish. */
export const crayfishLimbs: Part = (easel) => {
  const { animal, pen } = easel;
  const hex = hexOf(animal.tone[1]);
  const legs = [
    [26, -6, 0, 15, 8],
    [31, -6.5, 2, 16, 5],
    [36, -6.5, 4, 16, 2],
    [41, -6, 6, 15, -2],
  ] as const;
  const fan =
    blade(pen, [94, 1], [95, -2], [116, 2]) +
    blade(pen, [94, -1], [94, -4], [113, -9]) +
    blade(pen, [94, 2], [95, 0], [113, 9]);
  const feelers =
    pen.curve([
      [4, 4],
      [-14, 12],
      [-30, 26],
    ]) +
    pen.curve([
      [4, 3],
      [-16, 4],
      [-36, 12],
    ]);
  return (
    path(feelers, roundStroke(hex, 0.6, 0.8)) +
    path(fan, inked(easel, hex, 0.45)) +
    path(legs.map((one) => leg(pen, one)).join(''), roundStroke(hex, 1.5, 0.95)) +
    path(claw(easel, [18, -4], [-4, -1], 11), inked(easel, hexOf(animal.tone[0]), 0.5))
  );
};

export const crayfishNearClaw: Part = (easel) =>
  path(claw(easel, [20, -5], [0, -13], 12), inked(easel, hexOf(easel.animal.tone[1]), 0.5));

/** Claws and legs of a crab, seen from above. */
export const crabLimbs: Part = (easel) => {
  const { animal, pen } = easel;
  const hex = hexOf(animal.tone[1]);
  const legs = [1, -1].flatMap((side) =>
    [
      [34, 26, 20, 50, 8, 66],
      [50, 30, 50, 58, 44, 76],
      [66, 28, 78, 54, 80, 74],
      [78, 22, 98, 42, 108, 60],
    ].map(([x, y, kx, ky, ex, ey]) =>
      pen.curve([
        [x as number, side * (y as number)],
        [kx as number, side * (ky as number)],
        [ex as number, side * (ey as number)],
      ]),
    ),
  );
  return (
    path(legs.join(''), roundStroke(hex, 4, 1)) +
    path(claw(easel, [20, 20], [-4, 34], 16) + claw(easel, [20, -20], [-4, -34], 16), inked(easel, hex, 0.5))
  );
};
