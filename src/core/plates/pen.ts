import { cut, loop, mix, type Point, pointAt, refit, type Segment, spline } from './curve';
import { isStraight } from './curve/bezier';
import { joined } from './svgText';

/** Drawing units per 1 % of length: whole numbers in paths stay short and exact enough. */
export const UNITS = 4;

/** A point of a curve that may be a corner. */
export type Turn = readonly [x: number, y: number, corner?: boolean];

/** A point of a ribbon with the width there. */
export type WidePoint = readonly [x: number, y: number, width: number];

export type Box = readonly [left: number, top: number, right: number, bottom: number];

/** A curve through points, broken at corners. */
function brokenSpline(points: readonly Turn[]): readonly Segment[] {
  const out: Segment[] = [];
  let from = 0;
  points.forEach((point, i) => {
    if (point[2] !== true && i < points.length - 1) return;
    out.push(...spline(points.slice(from, i + 1).map(([x, y]): Point => [x, y])));
    from = i;
  });
  return out;
}

/** Writes paths as short relative text in whole units, and remembers how far the drawing reaches. */
export class Pen {
  private left = Infinity;
  private top = Infinity;
  private right = -Infinity;
  private bottom = -Infinity;
  private isMeasuring = true;

  /**
   * @param tolerance how far a path may leave its curve, in % of length
   * @param bend how far the axis of the animal is lifted at x, or null where it is straight
   */
  constructor(
    private readonly tolerance: number,
    private readonly bend: ((x: number) => number) | null,
  ) {}

  get reach(): Box {
    return [this.left, this.top, this.right, this.bottom];
  }

  /** Draws without measuring: what is clipped to the body does not widen the picture. */
  within<T>(draw: () => T): T {
    this.isMeasuring = false;
    const drawn = draw();
    this.isMeasuring = true;
    return drawn;
  }

  private see([x, y]: Point): void {
    if (!this.isMeasuring) return;
    this.left = Math.min(this.left, x);
    this.top = Math.min(this.top, y);
    this.right = Math.max(this.right, x);
    this.bottom = Math.max(this.bottom, y);
  }

  /** A place on the paper: whole units, downwards. */
  place(p: Point): Point {
    const lift = this.bend?.(p[0]) ?? 0;
    return [Math.round(p[0] * UNITS), Math.round(-(p[1] + lift) * UNITS)];
  }

  /** A segment on the bent axis: ends move with the bend and handles turn with its slope, so that smooth joins stay smooth. */
  private bent(s: Segment, bend: (x: number) => number): Segment {
    const slope = (x: number): number => (bend(x + 0.1) - bend(x - 0.1)) / 0.2;
    const hand = (p: Point, q: Point): Point => [q[0], q[1] + bend(p[0]) + slope(p[0]) * (q[0] - p[0])];
    return [
      [s[0][0], s[0][1] + bend(s[0][0])],
      hand(s[0], s[1]),
      hand(s[3], s[2]),
      [s[3][0], s[3][1] + bend(s[3][0])],
    ];
  }

  /** Runs of segments, joined by lines. */
  path(runs: readonly (readonly Segment[])[], isClosed = false): string {
    const { bend } = this;
    const raw = (p: Point): Point => [Math.round(p[0] * UNITS), Math.round(-p[1] * UNITS)];
    let text = '';
    let at: Point | null = null;
    let last = '';
    const go = (command: string, from: Point, points: readonly Point[]): void => {
      const placed = points.map(raw);
      const steps = joined(placed.flatMap((v) => [v[0] - from[0], v[1] - from[1]]));
      text += (command === last ? (steps.startsWith('-') ? '' : ' ') : command) + steps;
      last = command;
      at = placed[placed.length - 1] as Point;
      this.see(at);
    };
    for (const run of runs) {
      const laid = bend
        ? run.flatMap((s) => [0, 1].map((k) => this.bent(cut(s, k / 2, (k + 1) / 2), bend)))
        : run;
      for (const s of refit(laid, this.tolerance)) {
        const start = raw(s[0]);
        if (at === null) {
          text += `M${joined(start)}`;
          at = start;
          this.see(start);
        } else if (start[0] !== at[0] || start[1] !== at[1]) go('l', at, [s[0]]);
        for (let k = 1; k < 6; k++) this.see(raw(pointAt(s, k / 6)));
        if (isStraight(s)) go('l', at, [s[3]]);
        else go('c', at, [s[1], s[2], s[3]]);
      }
    }
    return text + (isClosed ? 'z' : '');
  }

  /** A smooth curve through points, broken at corners. */
  curve(points: readonly Turn[]): string {
    return this.path([brokenSpline(points)]);
  }

  /** A smooth closed curve through points. */
  loop(points: readonly Point[]): string {
    return this.path([loop(points)], true);
  }

  /** A ribbon along points, as wide as each says. */
  ribbon(points: readonly WidePoint[]): string {
    const side = (k: 1 | -1): readonly Point[] =>
      points.map((q, i) => {
        const a = points[Math.max(0, i - 1)] as WidePoint;
        const b = points[Math.min(points.length - 1, i + 1)] as WidePoint;
        const l = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
        return [q[0] - (k * q[2] * (b[1] - a[1])) / l / 2, q[1] + (k * q[2] * (b[0] - a[0])) / l / 2];
      });
    return this.path([spline(side(1)), spline([...side(-1)].reverse())], true);
  }

  /** Dots as strokes without length: a field of them costs eight bytes each. */
  dots(points: readonly Point[]): string {
    return this.strokes(points.map((p) => [p]));
  }

  /** Many short strokes (a dot, a line, or a curve with one handle), each told from where the one before ends. */
  strokes(list: readonly (readonly Point[])[]): string {
    let at: Point | null = null;
    let text = '';
    for (const points of list) {
      const placed = points.map((p) => this.place(p));
      const from = placed[0] as Point;
      text += at ? `m${joined([from[0] - at[0], from[1] - at[1]])}` : `M${joined(from)}`;
      if (placed.length === 1) text += 'h0';
      else
        text +=
          (placed.length === 3 ? 'q' : 'l') +
          joined(placed.slice(1).flatMap((v) => [v[0] - from[0], v[1] - from[1]]));
      at = placed[placed.length - 1] as Point;
    }
    return text;
  }
}

/** A quadratic stroke as a segment. */
export const strokeSegment = ([from, handle, to]: readonly [Point, Point, Point]): Segment => [
  from,
  mix(from, handle, 2 / 3),
  mix(to, handle, 2 / 3),
  to,
];
