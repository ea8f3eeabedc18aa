import { backwards, cut, lerp, mix, type Point, pointAt, type Segment, spline } from '../curve';

/** A fin as it is drawn: places in its own measure, f = 0 at the base and 1 at the margin, u along the base. */
export interface Fin {
  readonly at: (u: number, f: number) => Point;
  readonly outline: () => readonly (readonly Segment[])[];
  /** A part of the fin: from u0 to u1 along the base, from f0 to f1 towards the margin. */
  readonly patch: (u0: number, u1: number, f0: number, f1: number) => readonly (readonly Segment[])[];
  /** Rays from base to margin, each with one handle. */
  readonly rays: (count?: number) => readonly (readonly [Point, Point, Point])[];
}

/** A point of the drawn margin, with where along the base it belongs. */
export interface EdgePoint {
  readonly at: Point;
  readonly u: number;
  readonly isCorner?: boolean;
}

interface Piece {
  readonly segment: Segment;
  readonly from: number;
  readonly to: number;
}

/** The margin as segments that know their part of the base; broken at corners. */
function pieces(edge: readonly EdgePoint[]): readonly Piece[] {
  const out: Piece[] = [];
  let from = 0;
  edge.forEach((point, i) => {
    if (!point.isCorner && i < edge.length - 1) return;
    spline(edge.slice(from, i + 1).map(({ at }) => at)).forEach((segment, k) =>
      out.push({
        segment,
        from: (edge[from + k] as EdgePoint).u,
        to: (edge[from + k + 1] as EdgePoint).u,
      }),
    );
    from = i;
  });
  return out;
}

/**
 * A fin from its base, its margin, and how its rays rise.
 *
 * @param rise where the handle of a ray lies between base and margin, across and up
 * @param spines share of the base whose rays stand out of the margin
 */
export function finOf(
  base: (u: number) => Point,
  edge: readonly EdgePoint[],
  rise: readonly [number, number],
  rayCount: number,
  spines = 0,
): Fin {
  const margin = pieces(edge);
  const last = margin[margin.length - 1] as Piece;
  const marginAt = (u: number): Point => {
    const piece = margin.find(({ from, to }) => to > from && u >= from && u <= to) ?? last;
    const { segment, from, to } = piece;
    return pointAt(segment, to > from ? (u - from) / (to - from) : 1);
  };
  const isOf = ({ from, to }: Piece, u0: number, u1: number): boolean =>
    to === from ? from >= u0 && from <= u1 : to > u0 && from < u1;
  /** The margin drawn towards the base. */
  const drawnIn = (f: number, u0 = 0, u1 = 1): readonly Segment[] =>
    margin
      .filter((piece) => isOf(piece, u0, u1))
      .map(({ segment, from, to }) => {
        const wide = to - from;
        const a = wide ? Math.max(0, (u0 - from) / wide) : 0;
        const b = wide ? Math.min(1, (u1 - from) / wide) : 1;
        return cut(segment, a, b).map((p, k) =>
          mix(base(from + wide * lerp(a, b, k / 3)), p, f),
        ) as unknown as Segment;
      });
  const ray = (u: number): Segment => {
    const [b, e] = [base(u), marginAt(u)];
    const handle: Point = [lerp(b[0], e[0], rise[0]), lerp(b[1], e[1], rise[1])];
    return [b, mix(b, handle, 2 / 3), mix(e, handle, 2 / 3), e];
  };
  return {
    at: (u, f) => mix(base(u), marginAt(u), f),
    outline: () => [drawnIn(1)],
    patch: (u0, u1, f0, f1) => {
      const outer = drawnIn(f1, u0, u1);
      if (f0 > 0) return [outer, backwards(drawnIn(f0, u0, u1))];
      // The sides of a part that reaches from base to margin follow the rays.
      if (f1 === 1)
        return [outer, u1 < 1 ? backwards([ray(u1)]) : [], u0 > 0 ? [ray(u0)] : spline([base(u1), base(u0)])];
      return [outer, spline([base(u1), base((u0 + u1) / 2), base(u0)])];
    },
    rays: (count = rayCount) =>
      Array.from({ length: count }, (_, i) => {
        const u = (i + 1) / (count + 1);
        const b = base(u);
        const e = mix(b, marginAt(u), u < spines ? 1.035 : 0.97);
        return [b, [lerp(b[0], e[0], rise[0]), lerp(b[1], e[1], rise[1])], e];
      }),
  };
}
