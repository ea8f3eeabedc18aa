import { random } from '../plates';
import { clamp, lerp } from './shapes';
import type { Cave, Shell } from './stageplan';
import type { Stage } from './stage';
import type { Cast, Place, SceneGroup } from './tank';

type Roll = () => number;
type Body = { readonly x: number; readonly y: number; readonly rx: number; readonly ry: number };

/** Room between a fish and the glass, cm. */
const EDGE = 1.2;
/** More animals of one group than this say no more. */
const DRAWN = 300;
/** Middle of each layer, as a share of the water from the surface. */
const LAYERS = [0.18, 0.5, 0.82] as const;

const hashOf = (text: string): number => {
  let h = 7;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619);
  return h >>> 0;
};

function cheapest<T>(tries: number, make: () => T, price: (one: T) => number): T {
  let best = make();
  let low = price(best);
  for (let i = 1; i < tries; i++) {
    const one = make();
    const value = price(one);
    if (value < low) [best, low] = [one, value];
  }
  return best;
}

/** Places of one moment: everything that is placed pushes the next aside. */
class Water {
  private readonly placed: Body[] = [];

  constructor(private readonly stage: Stage) {}

  add(body: Body): void {
    this.placed.push(body);
  }

  /** What a place costs: walls, surface, floor, others, clutter. */
  cost(x: number, y: number, rx: number, ry: number, isOverFloor = true): number {
    const { ground, setup } = this.stage;
    let cost =
      Math.max(0, EDGE + rx - x) * 6 +
      Math.max(0, x + rx - ground.length + EDGE) * 6 +
      Math.max(0, ground.surface + 0.8 + ry - y) * 6;
    if (isOverFloor) cost += Math.max(0, y + ry - ground.floor(x, 0.45)) * 6;
    for (const other of this.placed) {
      const dx = Math.abs(other.x - x) / (other.rx + rx);
      const dy = Math.abs(other.y - y) / (other.ry + ry);
      if (dx < 1 && dy < 1) cost += (1 - dx) * (1 - dy) * 30;
    }
    const { clutter } = setup;
    cost += (clutter.at(x, y) + clutter.at(x - 0.7 * rx, y) + clutter.at(x + 0.7 * rx, y)) * 1.8;
    return cost;
  }
}

interface Casting {
  readonly stage: Stage;
  readonly water: Water;
  readonly group: SceneGroup;
  readonly roll: Roll;
  readonly rx: number;
  readonly ry: number;
  readonly count: number;
  /** Height at which the group is at home, and so far above or below it. */
  readonly home: (aside: number) => number;
}

const place = (given: Partial<Place> & Pick<Place, 'x' | 'y' | 'facing'>): Place => ({
  tilt: 0,
  z: 0.5,
  size: 1,
  isResting: false,
  hidden: null,
  ...given,
});

const sideOf = (roll: Roll): 'left' | 'right' => (roll() < 0.5 ? 'left' : 'right');

/** A shoal: an oval in open water, all heads one way. */
function shoal({ stage, water, group, roll, rx, ry, count, home }: Casting): readonly Place[] {
  const { ground } = stage;
  const isTight = group.habit === 'tight';
  const [wide, high] = [
    rx * 2 * (isTight ? 1.3 : 1.6),
    Math.max(ry * 2 * (isTight ? 1.05 : 1.2), rx * (isTight ? 0.8 : 1.1)),
  ];
  const ratio = isTight ? 2.5 : 2.9;
  let sx = Math.sqrt((count * wide * high * ratio) / Math.PI);
  let sy = sx / ratio;
  const most = Math.max(ry, ground.free * 0.4 - ry);
  if (sy > most) [sx, sy] = [sx * (sy / most), most];
  sx = Math.min(sx, Math.max(1, ground.length / 2 - EDGE - rx * 1.1));
  const [mx, my] = cheapest(
    60,
    () =>
      [lerp(EDGE + sx + rx, ground.length - EDGE - sx - rx, roll()), home((roll() - 0.5) * 0.34)] as const,
    ([x, y]) => {
      let cost = Math.abs(y - home(0)) * 0.12;
      for (const i of [-1, -0.5, 0, 0.5, 1])
        for (const v of [-0.8, 0, 0.8])
          cost += water.cost(x + i * sx * 0.9, y + v * sy * (1 - Math.abs(i) / 2.5), rx, ry) / 5;
      return cost;
    },
  );
  // Heads into the current; in still water towards the open side.
  const { current } = stage.setup;
  const facing = (current === 0 ? mx > ground.length / 2 : current > 0) ? 'left' : 'right';
  const mine: Place[] = [];
  for (let i = 0; i < count; i++) {
    const [x, y] = cheapest(
      16,
      () => {
        const [a, d] = [roll() * 2 * Math.PI, Math.sqrt(roll())];
        return [mx + Math.cos(a) * d * sx, my + Math.sin(a) * d * sy] as const;
      },
      ([px, py]) => {
        let near = 2.2;
        for (const one of mine) near = Math.min(near, Math.hypot((one.x - px) / wide, (one.y - py) / high));
        return water.cost(px, py, rx * 0.9, ry * 0.9) * 1.4 - near * 5;
      },
    );
    water.add({ x, y, rx: rx * 0.82, ry: ry * 0.7 });
    mine.push(place({ x, y, facing, tilt: (roll() - 0.5) * (isTight ? 8 : 14), size: 0.93 + roll() * 0.12 }));
  }
  return mine;
}

/** Animals that rest on the ground; shrimps and snails sit on wood and stone as well. */
function grounded({ stage, water, group, roll, rx, ry, count }: Casting): readonly Place[] {
  const { ground, setup } = stage;
  const isPerching = group.habit === 'perch';
  const home = ground.length * lerp(0.3, 0.7, roll());
  return Array.from({ length: count }, () => {
    const perch =
      isPerching && roll() < 0.4 ? setup.perches[Math.floor(roll() * setup.perches.length)] : undefined;
    const at = cheapest(
      24,
      () => {
        if (perch) return { x: perch.x + (roll() - 0.5) * 2, y: perch.y, z: 0.5 };
        const x = lerp(EDGE + rx, ground.length - EDGE - rx, roll());
        const z = 0.55 + roll() * 0.45;
        return { x, y: ground.floor(x, z), z };
      },
      ({ x, y, z }) =>
        water.cost(x, y - ry, rx, ry, false) +
        (z > 0.6 ? 0 : 0.6) +
        (isPerching ? 0 : (Math.abs(x - home) / ground.length) * 4.5),
    );
    water.add({ x: at.x, y: at.y - ry, rx: rx * 0.82, ry: ry * 0.7 });
    return place({
      ...at,
      facing: sideOf(roll),
      tilt: perch ? (roll() - 0.5) * 24 : (roll() - 0.5) * 4,
      size: 0.92 + roll() * 0.14,
      isResting: true,
    });
  });
}

const opposite = (side: 'left' | 'right'): 'left' | 'right' => (side === 'left' ? 'right' : 'left');

/** Cave dwellers: half inside their holes, or before them. */
function denizens({ stage, water, group, roll, rx, ry, count }: Casting): readonly Place[] {
  const { ground, setup } = stage;
  const isShell = group.toCm < 7 && setup.shells.length > 0;
  const nests: readonly (Cave | Shell)[] = isShell ? setup.shells : setup.caves;
  const usedUp = new Set<number>();
  return Array.from({ length: count }, (_, i) => {
    if (nests.length === 0) {
      const x = clamp(
        ground.length * ground.main + (roll() - 0.5) * ground.length * 0.4,
        rx,
        ground.length - rx,
      );
      water.add({ x, y: ground.floor(x, 0.7) - ry, rx, ry });
      return place({ x, y: ground.floor(x, 0.7) - ry * 1.1, facing: sideOf(roll), z: 0.8 });
    }
    const free = nests.map((_n, at) => at).filter((at) => !usedUp.has(at));
    const at =
      free.length > 0
        ? (free[Math.floor(roll() * free.length)] as number)
        : Math.floor(roll() * nests.length);
    const nest = nests[at] as Cave | Shell;
    const out = nest.out ?? sideOf(roll);
    const sign = out === 'right' ? 1 : -1;
    if (i % 2 === 0 && !usedUp.has(at)) {
      // Half inside: its head looks out, the rest is hidden.
      usedUp.add(at);
      const y = Math.min(nest.y, nest.ground - ry * 0.9);
      const mouth = 'z' in nest ? nest.x + sign * 1.2 : nest.x + sign * nest.width * 0.28;
      water.add({ x: mouth, y, rx: rx * 0.5, ry });
      return place({
        x: mouth - sign * rx * 0.12,
        y,
        facing: out,
        z: 0.8,
        size: 0.96,
        hidden: { side: opposite(out), x: mouth },
      });
    }
    const spot = cheapest(
      24,
      () => {
        const s = roll() < 0.5 ? 1 : -1;
        return {
          x: nest.x + s * (rx * 0.8 + roll() * 4),
          y: Math.min(nest.y, nest.ground - ry) - roll() * 3,
          s,
        };
      },
      ({ x, y }) => water.cost(x, y, rx, ry, false) + Math.max(0, y + ry * 0.6 - ground.floor(x, 0.9)) * 8,
    );
    water.add({ x: spot.x, y: spot.y, rx: rx * 0.82, ry: ry * 0.7 });
    return place({
      x: spot.x,
      y: spot.y,
      facing: spot.s > 0 ? 'left' : 'right',
      tilt: (roll() - 0.5) * 10,
      z: 0.8,
      size: 0.93 + roll() * 0.12,
    });
  });
}

/** Fish that hang under the surface, near floating plants where there are any. */
function surfaced({ stage, water, roll, rx, ry, count }: Casting): readonly Place[] {
  const { ground, setup } = stage;
  return Array.from({ length: count }, () => {
    const [x, y] = cheapest(
      24,
      () => {
        const raft = setup.rafts[Math.floor(roll() * setup.rafts.length)];
        const near = raft === undefined ? ground.length * roll() : raft + (roll() - 0.5) * 16;
        return [
          clamp(near, EDGE + rx, Math.max(EDGE + rx, ground.length - EDGE - rx)),
          ground.surface + ry * 0.8 + 1 + roll() * ground.free * 0.16,
        ] as const;
      },
      ([px, py]) => water.cost(px, py, rx, ry),
    );
    water.add({ x, y, rx: rx * 0.82, ry: ry * 0.7 });
    return place({ x, y, facing: sideOf(roll), tilt: (roll() - 0.4) * 10, size: 0.93 + roll() * 0.12 });
  });
}

/** Pairs keep side by side; loners where there is room. */
function apart({ stage, water, group, roll, rx, ry, count, home }: Casting): readonly Place[] {
  const { ground } = stage;
  const mine: Place[] = [];
  for (let i = 0; i < count; i++) {
    const mate = group.habit === 'pair' && i % 2 === 1 ? mine[mine.length - 1] : undefined;
    const [x, y] = cheapest(
      36,
      () =>
        mate
          ? ([
              mate.x + (roll() - 0.5) * rx * 3.4,
              mate.y + (roll() < 0.5 ? -1 : 1) * ry * (0.9 + roll() * 0.5),
            ] as const)
          : ([lerp(EDGE + rx, ground.length - EDGE - rx, roll()), home((roll() - 0.5) * 0.42)] as const),
      ([px, py]) =>
        water.cost(px, py, rx, ry) +
        Math.abs(py - home(0)) * 0.22 +
        (mate ? Math.hypot(px - mate.x, py - mate.y) * 0.1 : 0),
    );
    water.add({ x, y, rx: rx * 0.82, ry: ry * 0.7 });
    mine.push(
      place({
        x,
        y,
        facing: mate?.facing ?? (x > ground.length * 0.5 ? 'left' : 'right'),
        tilt: (roll() - 0.5) * 8,
        size: mate ? 0.92 : 1,
      }),
    );
  }
  return mine;
}

const BY_HABIT = {
  tight: shoal,
  loose: shoal,
  bottom: grounded,
  perch: grounded,
  cave: denizens,
  surface: surfaced,
  pair: apart,
  single: apart,
} as const;

function placesOf(stage: Stage, water: Water, group: SceneGroup, lengthCm: number): readonly Place[] {
  const { ground } = stage;
  const whole = group.layers.reduce((sum, v) => sum + v, 0) || 1;
  const home = group.layers.reduce((sum, v, i) => sum + (v / whole) * (LAYERS[i] as number), 0);
  return BY_HABIT[group.habit]({
    stage,
    water,
    group,
    roll: random(hashOf(group.key + stage.setup.tank.seed)),
    rx: lengthCm / 2,
    ry: (lengthCm * group.tall) / 2,
    count: Math.min(DRAWN, group.count),
    home: (aside) => ground.surface + ground.free * (home + aside),
  });
}

/** Where every animal is, at first and grown; the largest choose first. Always the same for the same tank and groups. */
export function castOf(stage: Stage, groups: readonly SceneGroup[]): readonly Cast[] {
  const [first, grown] = [new Water(stage), new Water(stage)];
  return [...groups]
    .sort((a, b) => b.toCm - a.toCm || (a.key < b.key ? -1 : 1))
    .map((group) => ({
      key: group.key,
      from: placesOf(stage, first, group, group.fromCm),
      to: group.fromCm === group.toCm ? [] : placesOf(stage, grown, group, group.toCm),
    }))
    .map((cast) => (cast.to.length > 0 ? cast : { ...cast, to: cast.from }));
}
