import { pointAt, type Segment } from './bezier';
import { distance, type Point } from './point';

/** Joins sharper than this (the cosine of the angle between the handles) stay. */
const SMOOTH = 0.97;
/** No more than so many segments are taken into the first. */
const LONGEST = 8;

const unit = (a: Point, b: Point): Point | null => {
  const l = distance(a, b);
  return l < 1e-6 ? null : [(b[0] - a[0]) / l, (b[1] - a[1]) / l];
};
const directionOut = (s: Segment): Point => unit(s[0], s[1]) ?? unit(s[0], s[3]) ?? [1, 0];
const directionIn = (s: Segment): Point => unit(s[3], s[2]) ?? unit(s[3], s[0]) ?? [-1, 0];

/** Where along the run each point lies, 0 to 1, by its length. */
function along(points: readonly Point[]): number[] {
  const reach = [0];
  for (let i = 1; i < points.length; i++)
    reach.push((reach[i - 1] as number) + distance(points[i - 1] as Point, points[i] as Point));
  const whole = (reach[reach.length - 1] as number) || 1;
  return reach.map((v) => v / whole);
}

/** Handle lengths of the cubic from p along a to q along b that lies nearest to the points, or null where there is none. */
function handles(
  points: readonly Point[],
  t: readonly number[],
  a: Point,
  b: Point,
): readonly [number, number] | null {
  const p = points[0] as Point;
  const q = points[points.length - 1] as Point;
  let [c00, c01, c11, x0, x1] = [0, 0, 0, 0, 0];
  t.forEach((u, i) => {
    const w = 1 - u;
    const [b1, b2] = [3 * w * w * u, 3 * w * u * u];
    const [k0, k3] = [w * w * w + b1, u * u * u + b2];
    const z = points[i] as Point;
    const rest: Point = [z[0] - p[0] * k0 - q[0] * k3, z[1] - p[1] * k0 - q[1] * k3];
    c00 += b1 * b1;
    c01 += (a[0] * b[0] + a[1] * b[1]) * b1 * b2;
    c11 += b2 * b2;
    x0 += (a[0] * rest[0] + a[1] * rest[1]) * b1;
    x1 += (b[0] * rest[0] + b[1] * rest[1]) * b2;
  });
  const det = c00 * c11 - c01 * c01;
  const [l, m] = [(x0 * c11 - x1 * c01) / det, (c00 * x1 - c01 * x0) / det];
  return l > 0.05 && m > 0.05 ? [l, m] : null;
}

/** One segment that follows the run within the tolerance, or null. */
function oneFor(run: readonly Segment[], tolerance: number): Segment | null {
  const points = run.flatMap((s, i) => [0, 1, 2, 3, 4].slice(i ? 1 : 0).map((k) => pointAt(s, k / 4)));
  const p = points[0] as Point;
  const q = points[points.length - 1] as Point;
  const a = directionOut(run[0] as Segment);
  const b = directionIn(run[run.length - 1] as Segment);
  let t = along(points);
  for (let lap = 0; lap < 4; lap++) {
    const found = handles(points, t, a, b);
    if (!found) return null;
    const [l, m] = found;
    const s: Segment = [p, [p[0] + a[0] * l, p[1] + a[1] * l], [q[0] + b[0] * m, q[1] + b[1] * m], q];
    let worst = 0;
    t = points.map((z, i) => {
      const u = t[i] as number;
      const y = pointAt(s, u);
      const [dx, dy] = [y[0] - z[0], y[1] - z[1]];
      worst = Math.max(worst, Math.hypot(dx, dy));
      // One step of Newton's method towards the nearest point of the segment.
      const next = pointAt(s, Math.min(1, u + 0.01));
      const [vx, vy] = [(next[0] - y[0]) / 0.01, (next[1] - y[1]) / 0.01];
      return Math.min(1, Math.max(0, u - (dx * vx + dy * vy) / (vx * vx + vy * vy || 1)));
    });
    if (worst <= tolerance) return s;
    if (worst > tolerance * 6) return null;
  }
  return null;
}

/** Fewer segments for the same curve: runs of smooth joins become one cubic while it stays within the tolerance (% of length). */
export function refit(run: readonly Segment[], tolerance: number): readonly Segment[] {
  const out: Segment[] = [];
  for (let i = 0; i < run.length;) {
    let best = run[i] as Segment;
    let j = i;
    while (j + 1 < run.length && j - i < LONGEST) {
      const [end, next] = [directionIn(run[j] as Segment), directionOut(run[j + 1] as Segment)];
      if (-(end[0] * next[0] + end[1] * next[1]) < SMOOTH) break;
      const one = oneFor(run.slice(i, j + 2), tolerance);
      if (!one) break;
      best = one;
      j += 1;
    }
    out.push(best);
    i = j + 1;
  }
  return out;
}
