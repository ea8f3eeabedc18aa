import type { Piece, Point, Polygon } from '../sightlines';
import { ringsOf } from './density';

/** What a fish holds ground around, as the catalogue has it. */
export type Home = 'nothing' | 'cave' | 'shell' | 'rock' | 'floor' | 'plants' | 'corner';

/** Ground that the holders of one species claim. */
export interface Claim {
  readonly species: string;
  readonly holders: number;
  /** Each of them, cm². */
  readonly cm2: number;
  readonly home: Home;
}

/** Where a holder may settle, and what it gets. */
export interface Settler {
  readonly species: string;
  readonly at: Point;
  readonly rings: readonly Polygon[];
  /** Share of its claim that it gets, 0 to 1. */
  readonly share: number;
  readonly findsGround: boolean;
  /** Whether what it holds ground around stands there; true where it needs nothing. */
  readonly findsHome: boolean;
}

interface Bounds {
  readonly lengthCm: number;
  readonly widthCm: number;
}

/** Pieces of the map that a fish takes as its home (common practice). */
const HOMES: Readonly<Record<Home, readonly Piece['kind'][]>> = {
  nothing: [],
  floor: [],
  corner: [],
  cave: ['cave', 'pot', 'rock', 'slate'],
  shell: ['shells'],
  rock: ['rock', 'slate', 'cave'],
  plants: ['plant', 'root', 'wood'],
};

const CELL_CM = 4;
/** Homes within one piece stand so far apart; places of the open floor so far. */
const [HOME_STEP_CM, FLOOR_STEP_CM] = [6, 10];
/** A ground is not stretched further from its home than this many times the radius of a round one (from memory). */
const STRETCH = 1.6;
/** With less of its claim than this a holder has no ground (from memory). */
const ENOUGH = 0.8;
/** A home counts for so much of a claim; the farthest place from its own kind, and all homes of others left free (from memory). */
const [HOME_WORTH, APART_WORTH, OTHERS_WORTH] = [0.3, 0.1, 0.25];

/** Steps over a length that stay off its ends; its middle at least. */
function stepsOver(length: number, step: number): readonly number[] {
  const count = Math.max(1, Math.floor(length / step));
  return Array.from({ length: count }, (_, i) => ((i + 0.5) * length) / count);
}

const lattice = (
  left: number,
  front: number,
  { lengthCm, widthCm }: Bounds,
  step: number,
): readonly Point[] =>
  stepsOver(widthCm, step).flatMap((y) => stepsOver(lengthCm, step).map((x): Point => [left + x, front + y]));

/** Homes of a kind; those of a corner are the middles of a square of the claim that lies in it. */
function homesIn(home: Home, bounds: Bounds, pieces: readonly Piece[], cm2: number): readonly Point[] {
  const { lengthCm, widthCm } = bounds;
  if (home === 'corner') {
    const side = Math.sqrt(cm2);
    const [x, y] = [Math.min(side, lengthCm) / 2, Math.min(side, widthCm) / 2];
    return [
      [x, y],
      [lengthCm - x, y],
      [x, widthCm - y],
      [lengthCm - x, widthCm - y],
    ];
  }
  return pieces
    .filter(({ kind }) => HOMES[home].includes(kind))
    .flatMap((piece) =>
      lattice(piece.x - piece.lengthCm / 2, piece.y - piece.widthCm / 2, piece, HOME_STEP_CM),
    )
    .filter(([x, y]) => x >= 0 && y >= 0 && x <= lengthCm && y <= widthCm);
}

/** Share of places that lie further off than a radius. */
const shareBeyond = (places: readonly Point[], [x, y]: Point, radius: number): number =>
  places.length === 0
    ? 1
    : places.filter(([px, py]) => Math.hypot(px - x, py - y) > radius).length / places.length;

/** The floor in cells, each free or held. */
class Ground {
  readonly columns: number;
  readonly rows: number;
  private readonly held: Uint8Array;

  constructor({ lengthCm, widthCm }: Bounds) {
    this.columns = Math.max(1, Math.round(lengthCm / CELL_CM));
    this.rows = Math.max(1, Math.round(widthCm / CELL_CM));
    this.held = new Uint8Array(this.columns * this.rows);
  }

  /** The free cells that a holder takes about a place, the nearest first. */
  about([x, y]: Point, cm2: number): readonly number[] {
    const reach = STRETCH * Math.sqrt(cm2 / Math.PI);
    const near: (readonly [cell: number, distance: number])[] = [];
    for (let cell = 0; cell < this.held.length; cell++) {
      if (this.held[cell]) continue;
      const dx = ((cell % this.columns) + 0.5) * CELL_CM - x;
      const dy = (Math.floor(cell / this.columns) + 0.5) * CELL_CM - y;
      const distance = Math.hypot(dx, dy);
      if (distance <= reach) near.push([cell, distance]);
    }
    return near
      .sort((a, b) => a[1] - b[1])
      .slice(0, Math.max(1, Math.round(cm2 / CELL_CM ** 2)))
      .map(([cell]) => cell);
  }

  take(cells: readonly number[]): readonly Polygon[] {
    const values = new Array<number>(this.held.length).fill(0);
    for (const cell of cells) {
      this.held[cell] = 1;
      values[cell] = 1;
    }
    return ringsOf({ columns: this.columns, rows: this.rows, cellCm: CELL_CM, values }, 0.5);
  }
}

/**
 * Where the holders of a stock list may settle: those with the largest claims first, each at the home and the place that
 * give it most of its claim, its own kind kept apart.
 *
 * One way among many in which they could share the floor, not a forecast.
 *
 * @param breaks how many times more of the floor sight breaks let them share; 1 without
 * @example settle([{ species: 'a', holders: 1, cm2: 900, home: 'floor' }], { lengthCm: 60, widthCm: 30 }, [])[0]?.findsGround // true
 */
export function settle(
  claims: readonly Claim[],
  bounds: Bounds,
  pieces: readonly Piece[],
  breaks = 1,
): readonly Settler[] {
  const ground = new Ground(bounds);
  const whole = Math.hypot(bounds.lengthCm, bounds.widthCm);
  const floor = lattice(0, 0, bounds, FLOOR_STEP_CM);
  const settled: Settler[] = [];
  for (const { species, holders, cm2, home } of [...claims].sort((a, b) => b.cm2 - a.cm2)) {
    const claim = cm2 / breaks;
    const homes = homesIn(home, bounds, pieces, claim);
    const others = claims
      .filter((one) => one.home !== home && one.home !== 'corner')
      .flatMap((one) => homesIn(one.home, bounds, pieces, one.cm2));
    const radius = Math.sqrt(claim / Math.PI);
    const places = [
      ...homes.map((at) => [at, true] as const),
      ...floor.map((at) => [at, home === 'nothing' || home === 'floor'] as const),
    ];
    for (let i = 0; i < holders; i++) {
      const own = settled.filter((one) => one.species === species);
      let best: { at: Point; isHome: boolean; cells: readonly number[]; worth: number } | null = null;
      for (const [at, isHome] of places) {
        const cells = ground.about(at, claim);
        const nearest = Math.min(
          whole,
          ...own.map((one) => Math.hypot(at[0] - one.at[0], at[1] - one.at[1])),
        );
        // A home that another of its kind sits in is no home.
        const isFree = isHome && (homes.length === 0 || nearest >= HOME_STEP_CM / 2);
        const worth =
          (cells.length * CELL_CM ** 2) / claim +
          (isFree ? HOME_WORTH : 0) +
          (nearest / whole) * APART_WORTH +
          shareBeyond(others, at, radius) * OTHERS_WORTH;
        if (best === null || worth > best.worth + 1e-9) best = { at, isHome: isFree, cells, worth };
      }
      if (!best) continue;
      const share = Math.min(1, (best.cells.length * CELL_CM ** 2) / claim);
      const findsGround = share >= ENOUGH;
      settled.push({
        species,
        at: best.at,
        // Who finds no ground takes none.
        rings: findsGround ? ground.take(best.cells) : [],
        share,
        findsGround,
        findsHome: best.isHome,
      });
    }
  }
  return settled;
}
