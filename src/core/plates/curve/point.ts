/** A place in a drawing: x to the tail, y upwards, both in % of the standard length (snout tip to tail root). */
export type Point = readonly [x: number, y: number];

export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;

export const mix = (p: Point, q: Point, t: number): Point => [lerp(p[0], q[0], t), lerp(p[1], q[1], t)];

export const distance = (p: Point, q: Point): number => Math.hypot(q[0] - p[0], q[1] - p[1]);

/** A flat list "x, y, x, y" as points; `scaleY` turns heights under the axis over. */
export function pointsOf(flat: readonly number[], scaleY = 1): readonly Point[] {
  const points: Point[] = [];
  for (let i = 0; i + 1 < flat.length; i += 2)
    points.push([flat[i] as number, (flat[i + 1] as number) * scaleY]);
  return points;
}
