import { mix, type Point } from '../curve';
import type { Pen } from '../pen';

/** A thin leg with a knee. */
export const leg = (
  pen: Pen,
  [x, y, out, drop, back]: readonly [number, number, number, number, number],
): string =>
  pen.curve([
    [x, y],
    [x + out * 0.9, y - drop * 0.34],
    [x + out, y - drop * 0.46],
    [x + out - back * 0.5, y - drop * 0.76],
    [x + out - back, y - drop],
  ]);

/** A swimming leg: a small paddle under the tail of a shrimp. */
export const paddle = (pen: Pen, [x, y, length]: readonly [number, number, number]): string =>
  pen.loop([
    [x, y],
    [x - 1.6, y - length * 0.6],
    [x + 0.8, y - length],
    [x + 3, y - length * 0.5],
    [x + 2.6, y],
  ]);

/** A blade of the tail fan, between two points of its base. */
export function blade(pen: Pen, a: Point, b: Point, tip: Point): string {
  const [upper, lower] = [mix(a, tip, 0.55), mix(b, tip, 0.6)];
  return pen.loop([a, [upper[0], upper[1] + 2.6], tip, [lower[0], lower[1] - 1.8], b]);
}
