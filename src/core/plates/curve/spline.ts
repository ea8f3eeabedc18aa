import { straight, type Segment } from './bezier';
import { distance, type Point } from './point';

/** The slopes of a natural cubic spline through `values` with knot distances `h`. */
function slopes(values: readonly number[], h: readonly number[]): readonly number[] {
  const n = values.length - 1;
  const at = (list: readonly number[], i: number): number => list[i] as number;
  const [b, c, d]: [number[], number[], number[]] = [[], [], []];
  for (let i = 0; i <= n; i++) {
    const before = i > 0 ? 1 / at(h, i - 1) : 0;
    const after = i < n ? 1 / at(h, i) : 0;
    b[i] = 2 * (before + after);
    c[i] = after;
    d[i] =
      3 *
      ((i > 0 ? (at(values, i) - at(values, i - 1)) * before * before : 0) +
        (i < n ? (at(values, i + 1) - at(values, i)) * after * after : 0));
    if (i > 0) {
      const w = before / at(b, i - 1);
      b[i] = at(b, i) - w * at(c, i - 1);
      d[i] = at(d, i) - w * at(d, i - 1);
    }
  }
  const m: number[] = [];
  for (let i = n; i >= 0; i--) m[i] = (at(d, i) - (i < n ? at(c, i) * at(m, i + 1) : 0)) / at(b, i);
  return m;
}

/** One smooth open curve through points (its curvature is continuous; centripetal knots), as Bezier segments. */
export function spline(points: readonly Point[]): readonly Segment[] {
  const n = points.length - 1;
  const p = (i: number): Point => points[i] as Point;
  if (n === 1) return [straight(p(0), p(1))];
  const h = Array.from({ length: n }, (_, i) => Math.sqrt(distance(p(i), p(i + 1))) || 1e-3);
  const [mx, my] = [0, 1].map((k) =>
    slopes(
      points.map((q) => q[k] as number),
      h,
    ),
  ) as [number[], number[]];
  const slope = (i: number): Point => [mx[i] as number, my[i] as number];
  return h.map((step, i): Segment => {
    const [from, to, a, b] = [p(i), p(i + 1), slope(i), slope(i + 1)];
    return [
      from,
      [from[0] + (a[0] * step) / 3, from[1] + (a[1] * step) / 3],
      [to[0] - (b[0] * step) / 3, to[1] - (b[1] * step) / 3],
      to,
    ];
  });
}

/** A smooth closed curve: the open one over three laps, of which the middle lap is kept. */
export const loop = (points: readonly Point[]): readonly Segment[] =>
  spline([...points, ...points, ...points, points[0] as Point]).slice(points.length, 2 * points.length);
