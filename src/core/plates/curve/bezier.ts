import { lerp, mix, type Point } from './point';

/** A cubic Bezier: start, two handles, end. */
export type Segment = readonly [Point, Point, Point, Point];

/** The point of a segment at t, 0 to 1. */
export function pointAt(s: Segment, t: number): Point {
  const w = 1 - t;
  const [a, b, c, d] = [w * w * w, 3 * w * w * t, 3 * w * t * t, t * t * t];
  return [
    a * s[0][0] + b * s[1][0] + c * s[2][0] + d * s[3][0],
    a * s[0][1] + b * s[1][1] + c * s[2][1] + d * s[3][1],
  ];
}

export const reversed = (s: Segment): Segment => [s[3], s[2], s[1], s[0]];

/** A run of segments, walked from its end to its start. */
export const backwards = (run: readonly Segment[]): readonly Segment[] => run.map(reversed).reverse();

function firstPart(s: Segment, t: number): Segment {
  const [x, y, z] = [mix(s[0], s[1], t), mix(s[1], s[2], t), mix(s[2], s[3], t)];
  const [u, v] = [mix(x, y, t), mix(y, z, t)];
  return [s[0], x, u, mix(u, v, t)];
}

/** The part of a segment between a and b, both 0 to 1. */
export function cut(s: Segment, a: number, b: number): Segment {
  const upTo = firstPart(s, b);
  return a > 0 ? reversed(firstPart(reversed(upTo), 1 - a / b)) : upTo;
}

export const straight = (p: Point, q: Point): Segment => [p, mix(p, q, 1 / 3), mix(p, q, 2 / 3), q];

/** Whether the handles lie on the line from end to end, so that a line says as much. */
export const isStraight = (s: Segment): boolean =>
  [1, 2].every((k) => {
    const handle = s[k] as Point;
    return (
      Math.hypot(handle[0] - lerp(s[0][0], s[3][0], k / 3), handle[1] - lerp(s[0][1], s[3][1], k / 3)) < 0.15
    );
  });
