import { random } from '../../plates';
import { group, path, tone } from '../ink';
import { between, chipped, clamp, lerp, polygon } from '../shapes';
import type { Setup } from '../stageplan';
import { type Spot, Trace } from '../trace';

/** How finely the heights of a pile are kept, cm. */
const STEP = 0.5;
/** The depth at which a pile stands. */
const PILE_Z = 0.42;

/** One stone: its front, its lit top, its hatched side. It has dice of its own, so that it stays the same stone. */
export function stone(
  setup: Setup,
  cx: number,
  base: number,
  width: number,
  height: number,
  away = 0,
): string {
  const { steps, isSmall, hair, clutter } = setup;
  const roll = random(Math.round(cx * 97 + width * 1310 + height * 170));
  const n = 6 + Math.floor(roll() * 3);
  const rim: Spot[] = [];
  for (let i = 0; i <= n; i++) {
    const a = Math.PI * (0.05 + (0.9 * (i + (i && i < n ? (roll() - 0.5) * 0.7 : 0))) / n);
    const q = 0.88 + roll() * 0.2;
    const cos = Math.cos(a);
    rim.push([
      cx - Math.sign(cos) * Math.abs(cos) ** 0.95 * width * 0.5 * q,
      base - Math.sin(a) ** 0.82 * height * q,
    ]);
  }
  const [left, right]: [Spot, Spot] = [
    [cx - width * 0.45, base],
    [cx + width * 0.45, base],
  ];
  clutter.add(cx - width / 2, base - height, cx + width / 2, base, away ? 0.4 : 0.9);
  const line = { stroke: tone('stone-line', away), 'stroke-width': hair };
  if (isSmall)
    return path(setup, polygon(steps, [left, ...rim, right]), { fill: tone('stone', away), ...line });
  const from = 1 + (roll() < 0.4 ? 1 : 0);
  const to = n - 1 - (roll() < 0.5 ? 1 : 0);
  const [a, b] = [rim[from] as Spot, rim[to] as Spot];
  const ridge: Spot = [cx + width * (roll() * 0.3 - 0.06), base - height * (0.5 + roll() * 0.22)];
  const foot: Spot = [ridge[0] + width * (roll() * 0.12 - 0.02), base];
  const edges = new Trace(steps)
    .move(a)
    .line(ridge, between(ridge, foot, 0.7))
    .move(ridge)
    .line(b);
  const strokes = away ? 0 : Math.round(clamp((b[0] - ridge[0]) * 0.6, 2, 7));
  for (let i = 1; i <= strokes; i++) {
    const t = i / (strokes + 0.6);
    const [top, low] = [between(ridge, b, t), between(foot, right, t)];
    const end = 0.45 + 0.5 * roll();
    edges.move(between(top, low, 0.04)).line(between(top, low, end));
  }
  return (
    path(setup, chipped(steps, [left, ...rim, right], 0.26), { fill: tone('stone', away), ...line }) +
    path(setup, chipped(steps, [...rim.slice(from, to + 1), ridge], 0.14), {
      fill: tone('stone-lit', away),
    }) +
    path(setup, `${edges}`, { fill: 'none', ...line, 'stroke-width': hair * 0.8, 'stroke-opacity': 0.55 })
  );
}

/** The heights of a pile while stones settle on it. */
class Heights {
  private readonly map: Float32Array;

  constructor(private readonly setup: Setup) {
    const { ground } = setup;
    this.map = Float32Array.from({ length: Math.ceil(ground.length / STEP) + 1 }, (_, i) =>
      ground.floor(i * STEP, PILE_Z),
    );
  }

  at(x: number): number {
    return this.map[clamp(Math.round(x / STEP), 0, this.map.length - 1)] as number;
  }

  raise(x: number, y: number): void {
    const i = Math.round(x / STEP);
    if (i >= 0 && i < this.map.length) this.map[i] = Math.min(this.map[i] as number, y);
  }

  /** A stone rests on the lower of its two sides: nothing overhangs. */
  settle(cx: number, width: number, height: number): string {
    let [low, right] = [Infinity, Infinity];
    for (let x = cx - width * 0.42; x <= cx + width * 0.42; x += STEP)
      if (x < cx) low = Math.min(low, this.at(x));
      else right = Math.min(right, this.at(x));
    const base = Math.min(Math.max(low, right) + height * 0.16, this.setup.ground.floor(cx, 0.46));
    for (let x = cx - width * 0.5; x <= cx + width * 0.5; x += STEP) {
      const share = Math.sqrt(Math.max(0, 1 - ((x - cx) / (width * 0.5)) ** 2)) ** 0.7;
      if (share > 0.25) this.raise(x, base - height * share * 0.94);
    }
    return stone(this.setup, cx, base, width, height);
  }
}

interface Pile {
  readonly x: number;
  readonly width: number;
  readonly height: number;
  readonly caves: number;
}

/** A pile of stones: a far range, a lowest course with gaps, capstones over the gaps, and what lies on top. */
function pile(
  setup: Setup,
  heights: Heights,
  roll: () => number,
  { x: cx, width, height, caves }: Pile,
): void {
  const { ground, steps } = setup;
  const unit = clamp(width / (caves * 1.5 + 2.4), 3, Math.max(4, Math.min(17, height * 0.85)));
  const roof = (x: number): number => height * Math.max(0, 1 - Math.abs((x - cx) / (width * 0.53)) ** 1.7);
  let far = '';
  const ranges = [
    [Math.max(3, Math.round(width / 9)), 0.98, 0.45],
    [Math.max(2, Math.round(width / 12)), 0.66, 0.28],
  ] as const;
  for (const [n, high, away] of ranges)
    for (let i = 0; i < n; i++) {
      const x = cx + ((i + 0.5) / n - 0.5) * width * 0.86 + (roll() - 0.5) * 3;
      const h = roof(x) * high * (0.82 + roll() * 0.2);
      const w = Math.max(h * 0.7, (width / n) * 1.5) * (0.85 + roll() * 0.3);
      if (h > 2.5) far += stone(setup, x, ground.floor(x, 0.2), w, h, away);
    }
  let course = '';
  const gaps: (readonly [number, number])[] = [];
  let x = cx - width / 2;
  for (let i = 0; i <= caves; i++) {
    const w = unit * (0.9 + roll() * 0.5);
    const h = Math.min(w * (0.56 + roll() * 0.26), Math.max(2.4, height * 0.6));
    course += heights.settle(x + w / 2, w, h);
    x += w * 0.9;
    if (i < caves) {
      const gap = unit * (0.34 + roll() * 0.18);
      gaps.push([x + gap / 2, gap]);
      x += gap;
    }
  }
  let [mouths, caps] = ['', ''];
  for (const [gx, gap] of gaps) {
    const w = gap * (2.5 + roll() * 0.7);
    const y = ground.floor(gx, PILE_Z);
    const near = Math.max(heights.at(gx - gap), heights.at(gx + gap));
    const base = Math.min(near + 0.8, y - 3);
    const h = w * (0.4 + roll() * 0.14);
    const lean = (roll() - 0.5) * gap * 0.4;
    mouths += path(
      setup,
      `${new Trace(steps)
        .through([
          [gx - gap * 0.62, y],
          [gx - gap * 0.5, lerp(y, base, 0.62)],
          [gx + lean - gap * 0.2, base - 0.2],
          [gx + lean + gap * 0.3, base + 0.2],
          [gx + gap * 0.52, lerp(y, base, 0.55)],
          [gx + gap * 0.6, y],
        ])
        .close()}`,
      { fill: tone('mouth') },
    );
    caps += stone(setup, gx + lean, base, w, h);
    for (let q = gx - w * 0.4; q < gx + w * 0.4; q += STEP) heights.raise(q, base - h * 0.85);
    setup.caves.push({ x: gx, y: (y + base) / 2, width: gap, ground: y, out: null });
  }
  for (let tries = 0, put = 0; tries < 70 && put < 18; tries++) {
    const sx = cx + (roll() - 0.5) * width * 0.9;
    const room = roof(sx) * 0.84 - (ground.floor(sx, PILE_Z) - heights.at(sx));
    if (room <= 3) continue;
    const w = unit * (0.5 + roll() ** 1.3 * 1.25);
    caps += heights.settle(sx, w, Math.min(w * (0.56 + roll() * 0.28), room + 3));
    put += 1;
  }
  setup.perches.push({ x: cx, y: heights.at(cx) });
  setup.put(0.2, far);
  setup.put(PILE_Z, group({}, course + mouths + caps));
}

/** How much rock there is where the map says nothing: 0 to 3, from caves and the share of the water it takes. */
export const rockLevel = (caves: number, hardscape: number): number =>
  caves === 0 ? 0 : Math.min(3, Math.max(1, Math.round(hardscape * 12 + caves / 6)));

/** Piles where the floor map has rocks, else where the dice put the main mass. */
function piles({ tank, ground }: Setup): readonly Pile[] {
  const rocks = tank.pieces.filter(({ kind }) => kind === 'rock');
  const split = (widths: readonly number[]): readonly number[] => {
    const whole = widths.reduce((sum, w) => sum + w, 0) || 1;
    let left = tank.caves;
    return widths.map((w, i) => {
      const mine = i === widths.length - 1 ? left : Math.min(left, Math.round((tank.caves * w) / whole));
      left -= mine;
      return Math.min(mine, Math.max(0, Math.floor(w / 7)));
    });
  };
  if (rocks.length > 0) {
    const caves = split(rocks.map(({ lengthCm }) => lengthCm));
    return rocks.map((rock, i) => ({
      x: clamp(rock.x, 3, ground.length - 3),
      width: Math.min(rock.lengthCm, ground.length * 0.9),
      height: clamp(Math.min(rock.lengthCm, rock.widthCm * 1.6) * 0.7, 3, ground.free * 0.75),
      caves: caves[i] as number,
    }));
  }
  const level = rockLevel(tank.caves, tank.hardscape);
  const count = level === 0 ? 0 : level > 1 && ground.length > 80 ? 2 : 1;
  let left = tank.caves;
  return Array.from({ length: count }, (_, i) => {
    const share = i ? 0.6 : 1;
    const caves = i === count - 1 ? left : Math.round(left * 0.6);
    left -= caves;
    const other = 1 - ground.main + (ground.main < 0.5 ? 0.04 : -0.04);
    return {
      x: ground.length * clamp(i ? other : ground.main, 0.12, 0.88),
      width: ground.length * ([0, 0.18, 0.26, 0.34][level] as number) * share,
      height: ground.free * ([0, 0.28, 0.44, 0.6][level] as number) * (i ? 0.72 : 1),
      caves: Math.min(caves, 6),
    };
  });
}

/** All rock, and loose stones before it. */
export function rocks(setup: Setup): void {
  const { ground, tank } = setup;
  const roll = setup.dice('rock');
  const heights = new Heights(setup);
  const all = piles(setup);
  for (const one of all) pile(setup, heights, roll, one);
  if (tank.pieces.length > 0) return;
  for (let i = 0; i < Math.min(3, all.length * 2); i++) {
    const w = 3 + roll() * 4;
    const x = ground.length * (0.4 + 0.25 * roll());
    setup.put(0.7, stone(setup, x, ground.floor(x, 0.75), w, w * 0.5));
  }
}
