import type { Build } from './animal';
import { lerp, type Point, pointAt, pointsOf, type Segment, spline } from './curve';

/** The outline of a body, and places within it. */
export interface Outline {
  readonly segments: readonly Segment[];
  /** Height of the back and of the belly at x. */
  readonly top: (x: number) => number;
  readonly bottom: (x: number) => number;
  /** A place in the body's own measure: v is 1 on the back and -1 on the belly. */
  readonly at: (x: number, v: number) => Point;
}

const STEPS = 8;

function heights(segments: readonly Segment[]): (x: number) => number {
  const table = segments
    .flatMap((s) => Array.from({ length: STEPS + 1 }, (_, i) => pointAt(s, i / STEPS)))
    .sort((a, b) => a[0] - b[0]);
  const last = table[table.length - 1] as Point;
  return (x) => {
    const i = table.findIndex((q) => q[0] >= x);
    if (i < 0) return last[1];
    const b = table[i] as Point;
    const a = table[i - 1];
    return a === undefined ? b[1] : lerp(a[1], b[1], b[0] === a[0] ? 0 : (x - a[0]) / (b[0] - a[0]));
  };
}

/** The outline through the stations of a build: tail root, back, snout, belly, tail root. Its ends stay open. */
export function outlineOf({ top, bottom, snout }: Build): Outline {
  const [above, below] = [pointsOf(top), pointsOf(bottom, -1)];
  const segments = spline([...[...above].reverse(), snout, ...below]);
  const topAt = heights(segments.slice(0, above.length));
  const bottomAt = heights(segments.slice(above.length));
  return {
    segments,
    top: topAt,
    bottom: bottomAt,
    at: (x, v) => [x, lerp(bottomAt(x), topAt(x), (v + 1) / 2)],
  };
}
