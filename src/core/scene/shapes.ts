import { type Spot, Trace, type WideSpot } from './trace';

export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;
export const clamp = (v: number, low: number, high: number): number => Math.min(high, Math.max(low, v));
export const between = (a: Spot, b: Spot, t: number): Spot => [lerp(a[0], b[0], t), lerp(a[1], b[1], t)];

/** A closed shape whose corners are rounded by a share of its edges. */
export function chipped(steps: number, corners: readonly Spot[], share = 0.28): string {
  const trace = new Trace(steps);
  corners.forEach((corner, i) => {
    const before = corners[(i + corners.length - 1) % corners.length] as Spot;
    const after = corners[(i + 1) % corners.length] as Spot;
    const [from, to] = [between(corner, before, share), between(corner, after, share)];
    if (i === 0) trace.move(from);
    else trace.line(from);
    trace.quad(corner, to);
  });
  return `${trace.close()}`;
}

/** A closed shape with sharp corners. */
export const polygon = (steps: number, [first, ...rest]: readonly Spot[]): string =>
  first
    ? `${new Trace(steps)
        .move(first)
        .line(...rest)
        .close()}`
    : '';

/** A ribbon along places, as wide as each says. */
export function ribbon(steps: number, places: readonly WideSpot[]): string {
  const side = (k: 1 | -1): readonly Spot[] =>
    places.map((q, i) => {
      const a = places[Math.max(0, i - 1)] as WideSpot;
      const b = places[Math.min(places.length - 1, i + 1)] as WideSpot;
      const l = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
      return [q[0] - (k * q[2] * (b[1] - a[1])) / l / 2, q[1] + (k * q[2] * (b[0] - a[0])) / l / 2];
    });
  return `${new Trace(steps)
    .through(side(1))
    .through([...side(-1)].reverse(), false)
    .close()}`;
}

export interface Leaf {
  readonly at: Spot;
  /** Degrees, 90 upwards. */
  readonly towards: number;
  readonly length: number;
  readonly width: number;
  /** How far its tip hangs to one side. */
  readonly sag?: number;
  /** Where along its length it is widest. */
  readonly wide?: number;
}

/** Leaves in one path; plainer where the drawing is small. */
export function leaves(steps: number, isSmall: boolean, list: readonly Leaf[]): string {
  return list
    .map(({ at: [x, y], towards, length, width, sag = 0, wide = 0.5 }) => {
      const a = (towards * Math.PI) / 180;
      const [ux, uy] = [Math.cos(a), -Math.sin(a)];
      const at = (t: number, s: number): Spot => [x + ux * length * t + uy * s, y + uy * length * t - ux * s];
      const tip = at(1, sag);
      const trace = new Trace(steps).move([x, y]);
      if (isSmall)
        return `${trace
          .quad(at(wide, width + sag * 0.2), tip)
          .quad(at(wide, sag * 0.2 - width), [x, y])
          .close()}`;
      const handles = (k: 1 | -1): readonly [Spot, Spot] => [
        at(wide * 0.6, k * width * 0.66),
        at(Math.min(0.98, wide * 1.3), sag * 0.42 + k * width * 0.66),
      ];
      const [left, right] = [handles(1), handles(-1)];
      return `${trace.cubic(left[0], left[1], tip).cubic(right[1], right[0], [x, y]).close()}`;
    })
    .join('');
}
