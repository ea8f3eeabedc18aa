import type { Build, EdgeFin, PairedFin, TailFin } from '../animal';
import { lerp, mix, type Point, pointAt, random, type Segment, spline } from '../curve';
import type { Outline } from '../outline';
import { EDGE_FINS } from './edge';
import { type EdgePoint, type Fin, finOf } from './fin';
import type { EdgeFinType, MarginPoint, TailFinType } from './margin';
import { TAIL_FINS } from './tail';

function typeOf<T>(types: Readonly<Record<string, T>>, name: string): T {
  const type = types[name];
  if (!type) throw new Error(`No fin is called "${name}".`);
  return type;
}

/** The uneven edge of long soft fins: more points along the margin, each a little in or out. */
function rippled(margin: readonly MarginPoint[], count: number, amount: number): readonly MarginPoint[] {
  const roll = random(count);
  const first = margin.findIndex(([u]) => u >= 0.06);
  const last = margin.length - 3;
  const soft = spline(margin.slice(first, last + 1).map(([, height, sweep]): Point => [height, sweep]));
  const between = Array.from({ length: count }, (_, i): MarginPoint => {
    const along = (i / (count - 1)) * soft.length;
    const k = Math.min(soft.length - 1, Math.floor(along));
    const p = pointAt(soft[k] as Segment, along - k);
    const w = i % (count - 1) ? 1 + amount * (i % 2 ? 1 : -1) * (0.5 + roll()) : 1;
    const [from, to] = [margin[first + k] as MarginPoint, margin[first + k + 1] as MarginPoint];
    return [lerp(from[0], to[0], along - k), p[0] * w, p[1] * w];
  });
  return [...margin.slice(0, first), ...between, ...margin.slice(last + 1)];
}

/** A fin on the back (side 1) or the belly (side -1). */
export function edgeFin(outline: Outline, side: 1 | -1, fin: EdgeFin): Fin {
  const type: EdgeFinType = typeOf(EDGE_FINS, fin.type);
  const base = (u: number): Point => {
    const x = lerp(fin.from, fin.to, u);
    return [x, (side > 0 ? outline.top(x) : outline.bottom(x)) - side * 0.7];
  };
  const margin = type.isRippled ? rippled(type.margin, 19, 0.016) : type.margin;
  const edge = margin.map(([u, height, sweep, isCorner = false]): EdgePoint => {
    const b = base(u);
    return {
      at: [b[0] + sweep * fin.height * fin.sweep, b[1] + side * height * fin.height],
      u,
      isCorner,
    };
  });
  const rays = Math.max(6, Math.min(22, Math.round((fin.to - fin.from) / 1.9)));
  return finOf(base, edge, [0.3, 0.58], rays, side > 0 ? type.spines : (type.spinesBelow ?? type.spines));
}

const TAIL_BASE = 96.5;

export function tailFin(outline: Outline, fin: TailFin): Fin {
  const type: TailFinType = typeOf(TAIL_FINS, fin.type);
  const [a, b] = [outline.top(98) - 0.3, outline.bottom(98) + 0.3];
  const middle = (a + b) / 2;
  const margin = type.isWhole && type.isLong ? rippled(type.margin, 21, 0.014) : type.margin;
  const put = ([u, along, across, isCorner = false]: MarginPoint, isLower: boolean): EdgePoint => ({
    at: [
      99 + along * fin.length * (isLower ? lerp(1, fin.lower, 0.5) : 1),
      middle + across * fin.spread * (isLower ? fin.lower : 1),
    ],
    u,
    isCorner,
  });
  const upper = margin.map((point) => put(point, false));
  const lower = type.isWhole
    ? []
    : margin
        .slice(0, -1)
        .reverse()
        .map(([u, along, across, isCorner]) => put([1 - u, along, -across, isCorner], true));
  return finOf(
    (u) => [TAIL_BASE, lerp(a, b, u)],
    [{ at: [TAIL_BASE, a], u: 0 }, ...upper, ...lower, { at: [TAIL_BASE, b], u: 1 }],
    type.isWhole ? [0.55, 0.25] : [0.5, 0.47],
    type.isLong ? 22 : 15,
  );
}

const FAN = [0.55, 0.86, 1, 0.98, 0.86, 0.62];
const PELVIC = [0.6, 1, 0.9, 0.72, 0.5];
const PECTORAL = [0.7, 1, 0.98, 0.84, 0.64, 0.46];

/** A fan about a short base, from the first angle to the last. */
function fan(p: Point, q: Point, { length, angles }: PairedFin, shape: readonly number[] = FAN): Fin {
  const base = (u: number): Point => mix(p, q, u);
  const edge = shape.map((share, i): EdgePoint => {
    const u = i / (shape.length - 1);
    const b = base(u);
    const angle = (lerp(angles[0], angles[1], u) * Math.PI) / 180;
    return {
      at: [b[0] + Math.cos(angle) * share * length, b[1] + Math.sin(angle) * share * length],
      u,
    };
  });
  return finOf(
    base,
    [{ at: p, u: 0 }, ...edge, { at: q, u: 1 }],
    [0.5, 0.5],
    Math.max(4, Math.round(length / 3)),
  );
}

export function pelvicFin(outline: Outline, fin: PairedFin): Fin {
  const from = (x: number): Point => [x, outline.bottom(x) + 0.8];
  return fan(from(fin.x), from(fin.x + 4.5), fin, PELVIC);
}

export function pectoralFin(outline: Outline, fin: NonNullable<Build['pectoral']>): Fin {
  const [x, y] = outline.at(fin.x, fin.level);
  return fan([x, y + 1.3], [x + 0.8, y - 1.5], fin, PECTORAL);
}

/** The adipose fin: a small flap. */
export function adiposeFin(outline: Outline, [x, length, height]: readonly [number, number, number]): Fin {
  const end = x + length * 0.6;
  const [y, yEnd] = [outline.top(x) - 0.5, outline.top(end) - 0.5];
  const point = (at: Point, u: number): EdgePoint => ({ at, u });
  return finOf(
    (u) => [lerp(x, end, u), lerp(y, yEnd, u)],
    [
      point([x, y], 0),
      point([x + length * 0.5, y + height * 0.8], 0.3),
      point([x + length, y + height * 0.75], 0.6),
      point([x + length * 0.85, y + height * 0.2], 0.9),
      point([end, yEnd], 1),
    ],
    [0.4, 0.5],
    0,
  );
}
