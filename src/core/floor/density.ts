import type { Point, Polygon } from '../sightlines';
import type { Place } from './place';

/** How often something happens over a floor: a value for each cell of a grid. */
export interface Density {
  readonly columns: number;
  readonly rows: number;
  readonly cellCm: number;
  /** Events an hour on 30 by 30 cm, row by row from the front left. */
  readonly values: readonly number[];
}

/** The square that a value speaks of, cm. */
export const SQUARE_CM = 30;
const CELL_CM = 2.5;
/** No place is known better than a fish is long (from memory). */
const LEAST_SPREAD_CM = 6;

/**
 * Events as a density over the floor: each is a bell as wide as its place is uncertain, whole within the walls.
 *
 * @param hours watched; the values are events an hour
 */
export function densityOf(
  places: readonly Place[],
  hours: number,
  lengthCm: number,
  widthCm: number,
): Density {
  const [columns, rows] = [
    Math.max(2, Math.ceil(lengthCm / CELL_CM)),
    Math.max(2, Math.ceil(widthCm / CELL_CM)),
  ];
  const values = new Array<number>(columns * rows).fill(0);
  for (const { at, spread } of places) {
    const [sx, sy] = [Math.max(LEAST_SPREAD_CM, spread[0]), Math.max(LEAST_SPREAD_CM, spread[1])];
    const weights = Array.from({ length: columns * rows }, (_, i) => {
      const x = ((i % columns) + 0.5) * CELL_CM;
      const y = (Math.floor(i / columns) + 0.5) * CELL_CM;
      return Math.exp(-0.5 * (((x - at[0]) / sx) ** 2 + ((y - at[1]) / sy) ** 2));
    });
    const whole = weights.reduce((sum, w) => sum + w, 0) || 1;
    weights.forEach((w, i) => {
      values[i] = (values[i] as number) + w / whole;
    });
  }
  const share = (SQUARE_CM / CELL_CM) ** 2 / Math.max(hours, 1e-9);
  return { columns, rows, cellCm: CELL_CM, values: values.map((v) => v * share) };
}

/** Corners of a cell that lie above the level, as bits: lower left 1, lower right 2, upper right 4, upper left 8. */
const CUTS: Readonly<Record<number, readonly (readonly [number, number])[]>> = {
  1: [[3, 0]],
  2: [[0, 1]],
  3: [[3, 1]],
  4: [[1, 2]],
  5: [
    [3, 2],
    [1, 0],
  ],
  6: [[0, 2]],
  7: [[3, 2]],
  8: [[2, 3]],
  9: [[2, 0]],
  10: [
    [0, 3],
    [2, 1],
  ],
  11: [[2, 1]],
  12: [[1, 3]],
  13: [[1, 0]],
  14: [[0, 3]],
};

const key = ([x, y]: Point): string => `${x.toFixed(4)} ${y.toFixed(4)}`;

/**
 * The rings within which a density is above a level (marching squares, Lorensen and Cline 1987 in the plane). Beyond the
 * walls it counts as nothing, so that every ring is closed.
 */
export function ringsOf({ columns, rows, cellCm, values }: Density, level: number): readonly Polygon[] {
  const value = (i: number, j: number): number =>
    i < 0 || j < 0 || i >= columns || j >= rows ? 0 : (values[j * columns + i] as number);
  const spot = (i: number, j: number): Point => [(i + 0.5) * cellCm, (j + 0.5) * cellCm];
  const next = new Map<string, { readonly to: Point }>();
  for (let j = -1; j < rows; j++)
    for (let i = -1; i < columns; i++) {
      const corners = [
        [i, j],
        [i + 1, j],
        [i + 1, j + 1],
        [i, j + 1],
      ] as const;
      const heights = corners.map(([a, b]) => value(a, b));
      const bits = heights.reduce((sum, h, k) => sum + (h > level ? 1 << k : 0), 0);
      const crossing = (side: number): Point => {
        const [a, b] = [side, (side + 1) % 4];
        const [ha, hb] = [heights[a] as number, heights[b] as number];
        const t = hb === ha ? 0.5 : (level - ha) / (hb - ha);
        const [p, q] = [spot(...(corners[a] as [number, number])), spot(...(corners[b] as [number, number]))];
        return [p[0] + (q[0] - p[0]) * t, p[1] + (q[1] - p[1]) * t];
      };
      for (const [from, to] of CUTS[bits] ?? []) next.set(key(crossing(from)), { to: crossing(to) });
    }
  const rings: Polygon[] = [];
  while (next.size > 0) {
    const first = next.keys().next().value as string;
    const ring: Point[] = [];
    let at = first;
    for (;;) {
      const step = next.get(at);
      if (!step) break;
      next.delete(at);
      ring.push(step.to);
      at = key(step.to);
    }
    if (ring.length > 2) rings.push(ring);
  }
  return rings;
}
