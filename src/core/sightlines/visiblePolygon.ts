/** A point of a tank's floor seen from above, cm from the left front corner. */
export type Point = readonly [number, number];
/** A closed shape by its corners. */
export type Polygon = readonly Point[];

/** A floor with what stands on it. Obstacles are opaque, may touch the walls and one another. */
export interface Floor {
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly obstacles: readonly Polygon[];
}

/** Rays pass this far, in radians, beside each corner, so that what lies behind it is met. */
const BESIDE = 1e-7;

/** So far off a wall, cm, one looks from that sits at it. */
const OFF_WALL_CM = 1e-6;
const offWall = (at: number, length: number): number =>
  Math.min(length - OFF_WALL_CM, Math.max(OFF_WALL_CM, at));

type Segment = readonly [Point, Point];

const edges = (polygon: Polygon): readonly Segment[] =>
  polygon.map((corner, i) => [corner, polygon[(i + 1) % polygon.length]!] as const);

const wallsOf = ({ lengthCm, widthCm }: Floor): Polygon => [
  [0, 0],
  [lengthCm, 0],
  [lengthCm, widthCm],
  [0, widthCm],
];

/** How far a ray runs before it meets a segment; Infinity when it does not. */
function meets([x, y]: Point, dx: number, dy: number, [[ax, ay], [bx, by]]: Segment): number {
  const [ex, ey] = [bx - ax, by - ay];
  const cross = dx * ey - dy * ex;
  if (cross === 0) return Infinity;
  const along = ((ax - x) * ey - (ay - y) * ex) / cross;
  const within = ((ax - x) * dy - (ay - y) * dx) / cross;
  return along >= 0 && within >= -1e-12 && within <= 1 + 1e-12 ? along : Infinity;
}

/** Twice the signed area by the shoelace formula, halved. cm². */
export function areaOf(polygon: Polygon): number {
  let twice = 0;
  polygon.forEach(([x, y], i) => {
    const [nx, ny] = polygon[(i + 1) % polygon.length]!;
    twice += x * ny - nx * y;
  });
  return Math.abs(twice) / 2;
}

/** Whether a point lies within a shape (even-odd rule); on its edge either. */
export function isWithin([x, y]: Point, polygon: Polygon): boolean {
  let inside = false;
  polygon.forEach(([ax, ay], i) => {
    const [bx, by] = polygon[(i + 1) % polygon.length]!;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
  });
  return inside;
}

/**
 * What of a floor can be seen from a point: the visibility polygon, or isovist (Benedikt 1979), by rays to and beside every
 * corner. Empty from a point outside the floor or within an obstacle. Complexity: corners x edges.
 */
export function visiblePolygon(from: Point, floor: Floor): Polygon {
  if (from[0] < 0 || from[1] < 0 || from[0] > floor.lengthCm || from[1] > floor.widthCm) return [];
  // A fish at the glass looks into the tank.
  const [x, y] = [offWall(from[0], floor.lengthCm), offWall(from[1], floor.widthCm)];
  if (floor.obstacles.some((obstacle) => isWithin(from, obstacle))) return [];
  const shapes = [wallsOf(floor), ...floor.obstacles];
  const segments = shapes.flatMap(edges);
  const angles = shapes
    .flat()
    .flatMap(([cx, cy]) => {
      const angle = Math.atan2(cy - y, cx - x);
      return [angle - BESIDE, angle, angle + BESIDE];
    })
    .sort((a, b) => a - b);
  return angles.flatMap((angle): Point[] => {
    const [dx, dy] = [Math.cos(angle), Math.sin(angle)];
    let nearest = Infinity;
    for (const segment of segments) {
      const at = meets([x, y], dx, dy, segment);
      if (at < nearest) nearest = at;
    }
    return Number.isFinite(nearest) ? [[x + dx * nearest, y + dy * nearest]] : [];
  });
}
