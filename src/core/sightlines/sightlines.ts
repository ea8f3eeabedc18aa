import { areaOf, isWithin, visiblePolygon, type Floor, type Point, type Polygon } from './visiblePolygon';

/** What stands on the floor of a tank. Plants and wood hide as rock does; a slate is thin; shells lie too low to hide anybody. */
export const PIECES = ['rock', 'wood', 'plant', 'slate', 'cave', 'root', 'pot', 'shells', 'filter'] as const;
/** A piece can be no longer and no deeper than this. */
export const LARGEST_PIECE_CM = 400;
export interface Piece {
  readonly kind: (typeof PIECES)[number];
  readonly x: number;
  readonly y: number;
  /** Length and depth, cm; a slate is one cm deep. */
  readonly lengthCm: number;
  readonly widthCm: number;
  /** Degrees, counter-clockwise; the mouth of a cave or a pot looks to the front at 0. */
  readonly turned: number;
  /** What the keeper calls it. */
  readonly name?: string | undefined;
}

/** Pieces that stand in the line of sight. */
export const isInSight = ({ kind }: Pick<Piece, 'kind'>): boolean => kind !== 'shells';

const OBLONG: ReadonlySet<string> = new Set(['slate', 'wood', 'filter']);
const ROUND_CORNERS = 12;
const SLATE_CM = 1;

/** A piece as a shape: slates, wood and filters are oblong, the others round. */
export function shapeOf({ kind, x, y, lengthCm, widthCm, turned }: Piece): Polygon {
  const angle = (turned * Math.PI) / 180;
  const depth = kind === 'slate' ? SLATE_CM : widthCm;
  const corners: readonly Point[] = OBLONG.has(kind)
    ? [
        [-lengthCm / 2, -depth / 2],
        [lengthCm / 2, -depth / 2],
        [lengthCm / 2, depth / 2],
        [-lengthCm / 2, depth / 2],
      ]
    : Array.from({ length: ROUND_CORNERS }, (_, i): Point => {
        const at = (2 * Math.PI * i) / ROUND_CORNERS;
        return [(Math.cos(at) * lengthCm) / 2, (Math.sin(at) * depth) / 2];
      });
  return corners.map(([px, py]) => [
    x + px * Math.cos(angle) - py * Math.sin(angle),
    y + px * Math.sin(angle) + py * Math.cos(angle),
  ]);
}

/** Places on the floor at which a fish could be, cm apart: fine enough for a body, coarse enough to be quick. */
const PLACE_CM = 5;

function placesOf(floor: Floor): readonly Point[] {
  const places: Point[] = [];
  for (let x = PLACE_CM / 2; x < floor.lengthCm; x += PLACE_CM)
    for (let y = PLACE_CM / 2; y < floor.widthCm; y += PLACE_CM)
      if (!floor.obstacles.some((obstacle) => isWithin([x, y], obstacle))) places.push([x, y]);
  return places;
}

/** What a holder sees from where it sits. */
export interface Sight {
  readonly seen: Polygon;
  /** Share of the free floor that it sees. */
  readonly share: number;
  /** Places out of its sight, and all places there are; 5 cm apart. */
  readonly hidden: number;
  readonly places: number;
}

export function sightFrom(holder: Point, floor: Floor): Sight {
  const seen = visiblePolygon(holder, floor);
  const places = placesOf(floor);
  const hidden = places.filter((place) => !isWithin(place, seen)).length;
  return { seen, share: places.length > 0 ? 1 - hidden / places.length : 0, hidden, places: places.length };
}

/** A break that would hide most from a holder: where an upright slate of a length would stand, and how it is turned. */
export interface BestBreak {
  readonly piece: Piece;
  /** Share of the floor seen with it. */
  readonly share: number;
}

const BREAK_STEP_CM = 10;
const TURNS = [0, 45, 90, 135] as const;
/** A slate does not stand in the holder's own mouth (from memory). */
const LEAST_DISTANCE_CM = 8;
/** A slate as long as the tank is deep stands across it. */
const HAIR_CM = 1e-6;

/** Where one more slate hides most from a holder: every place ten cm apart, at four angles. Null where none can stand. */
export function bestBreak(holder: Point, floor: Floor, slateCm: number): BestBreak | null {
  let best: BestBreak | null = null;
  for (let x = BREAK_STEP_CM; x < floor.lengthCm; x += BREAK_STEP_CM)
    for (let y = BREAK_STEP_CM; y < floor.widthCm; y += BREAK_STEP_CM) {
      if (Math.hypot(x - holder[0], y - holder[1]) < LEAST_DISTANCE_CM) continue;
      for (const turned of TURNS) {
        const piece: Piece = { kind: 'slate', x, y, lengthCm: slateCm, widthCm: SLATE_CM, turned };
        const shape = shapeOf(piece);
        const stands = shape.every(
          ([px, py]) =>
            px >= -HAIR_CM &&
            py >= -HAIR_CM &&
            px <= floor.lengthCm + HAIR_CM &&
            py <= floor.widthCm + HAIR_CM,
        );
        if (!stands || isWithin(holder, shape)) continue;
        const seen = visiblePolygon(holder, { ...floor, obstacles: [...floor.obstacles, shape] });
        const share = areaOf(seen) / freeArea(floor);
        if (best === null || share < best.share - 1e-9) best = { piece, share };
      }
    }
  return best;
}

/** The free floor, cm²; what overlaps counts twice. */
export const freeArea = ({ lengthCm, widthCm, obstacles }: Floor): number =>
  Math.max(1, lengthCm * widthCm - obstacles.reduce((sum, obstacle) => sum + areaOf(obstacle), 0));

/** How much of the old map a rearrangement changes: the share of places that a holder saw and sees no more, or the other way. */
export function mapChange(holder: Point, before: Floor, after: Floor): number {
  const old = visiblePolygon(holder, before);
  const fresh = visiblePolygon(holder, after);
  const places = placesOf({ ...before, obstacles: [] });
  const changed = places.filter((place) => isWithin(place, old) !== isWithin(place, fresh)).length;
  return places.length > 0 ? changed / places.length : 0;
}
