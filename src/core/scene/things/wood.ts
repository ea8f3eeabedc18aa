import { given, path, tone } from '../ink';
import { clamp, lerp, ribbon } from '../shapes';
import type { Setup } from '../stageplan';
import { Trace, type WideSpot } from '../trace';

interface Limb {
  readonly x: number;
  readonly y: number;
  /** Degrees, 90 upwards. */
  readonly towards: number;
  readonly length: number;
  readonly width: number;
  /** How often it branches. */
  readonly forks: number;
}

const STEPS = 5;

/** A limb and its branches, each as a ribbon. */
function limbs(
  setup: Setup,
  roll: () => number,
  { x, y, towards, length, width, forks }: Limb,
): readonly WideSpot[][] {
  const { ground, clutter } = setup;
  const spots: [number, number, number][] = [[x, y, width]];
  let [a, px, py] = [towards, x, y];
  const turn = (roll() - 0.5) * 16;
  for (let i = 1; i <= STEPS; i++) {
    a += turn + (roll() - 0.5) * 26;
    px += (Math.cos((a * Math.PI) / 180) * length) / STEPS;
    py -= (Math.sin((a * Math.PI) / 180) * length) / STEPS;
    py = Math.min(py, ground.floor(clamp(px, 0, ground.length), 0.5) - 0.2);
    const isOut = py < ground.surface + 2 || px < 1.5 || px > ground.length - 1.5;
    if (isOut && i > 2) break;
    py = Math.max(py, ground.surface + 1);
    spots.push([px, py, width]);
    clutter.add(px - 1.5, py - 1.5, px + 1.5, py + 1.5, 0.4);
  }
  spots.forEach((spot, i) => {
    spot[2] = width * lerp(1, 0.1, (i / (spots.length - 1)) ** 0.85) * (i ? 0.94 + roll() * 0.12 : 1);
  });
  const branches = forks > 1 ? 3 : forks > 0 ? 2 : 0;
  return [
    spots,
    ...Array.from({ length: branches }, (_, k) => k).flatMap((k) => {
      const at = spots[1 + Math.floor(((k + roll() * 0.8) / branches) * (STEPS - 1))];
      return at
        ? limbs(setup, roll, {
            x: at[0],
            y: at[1],
            towards: a + (k % 2 ? 1 : -1) * (26 + roll() * 34),
            length: length * (0.36 + roll() * 0.24),
            width: at[2] * 0.72,
            forks: forks - 1,
          })
        : [];
    }),
  ];
}

/** Limbs as one piece of wood: the outline of all first, then their fill, so that joints merge; then the grain. */
function timber(setup: Setup, name: string, all: readonly (readonly WideSpot[])[], z: number): void {
  const { steps, isSmall, hair } = setup;
  const drawn = isSmall ? all.filter((limb) => (limb[0]?.[2] ?? 0) > 1) : all;
  const id = setup.define(
    name,
    (own) => `<path id="${own}" d="${drawn.map((limb) => ribbon(steps, limb)).join('')}"/>`,
  );
  const grain = isSmall
    ? ''
    : drawn
        .filter((limb) => (limb[0]?.[2] ?? 0) > 1)
        .flatMap((limb) =>
          [-0.22, 0.12].map(
            (k) =>
              `${new Trace(steps).through(limb.slice(0, -1).map(([x, y, w]) => [x + w * k, y - w * k * 0.6]))}`,
          ),
        )
        .join('');
  setup.put(
    z,
    `<use href="#${id}"${given({ fill: 'none', stroke: tone('wood-line'), 'stroke-width': hair * 2 * steps, 'stroke-linejoin': 'round' })}/>` +
      `<use href="#${id}"${given({ fill: tone('wood') })}/>` +
      path(setup, grain, {
        fill: 'none',
        stroke: tone('wood-line'),
        'stroke-width': hair * 0.8,
        'stroke-opacity': 0.55,
      }),
  );
}

/** Branches where the floor map has wood; upright roots where the keeper counts hides that stand. */
export function wood(setup: Setup): void {
  const { ground, tank } = setup;
  const told = tank.pieces.filter(({ kind }) => kind === 'wood');
  told.forEach((piece, i) => {
    const roll = setup.dice(`wood${i}`);
    const x = clamp(piece.x, 3, ground.length - 3);
    const to = x / ground.length < ground.open ? 1 : -1;
    const z = clamp(piece.y / tank.widthCm, 0.1, 0.9);
    const y = ground.floor(x, z) + 0.3;
    const size = clamp(piece.lengthCm * 1.5, 8, ground.free * 1.05);
    const w = clamp(Math.min(piece.widthCm * 0.5, size * 0.12), 1.4, 5.5);
    const all = limbs(setup, roll, {
      x,
      y,
      towards: 90 - to * (34 + roll() * 12),
      length: size,
      width: w,
      forks: 2,
    });
    const foot = limbs(setup, roll, {
      x: x + to * w * 0.3,
      y: y - w * 0.1,
      towards: 90 - to * 74,
      length: size * 0.62,
      width: w * 0.62,
      forks: 1,
    });
    const root = limbs(setup, roll, {
      x: x - to * w * 0.4,
      y,
      towards: 90 + to * (38 + roll() * 20),
      length: size * 0.3,
      width: w * 0.6,
      forks: 0,
    });
    const base: readonly WideSpot[] = [
      [x - to * w * 1.5, y + 0.1, w * 0.3],
      [x, y - w * 0.3, w * 1.2],
      [x + to * w * 1.8, y + 0.1, w * 0.3],
    ];
    timber(setup, `wood${i}`, [...all, ...foot, ...root, base], z);
    for (const [px, py, pw] of (all[0] ?? []).slice(2, 4)) setup.perches.push({ x: px, y: py - pw / 2 });
  });
  if (tank.plants !== 'none' && told.length === 0 && tank.pieces.length > 0) return;
  for (let i = 0; i < Math.min(8, tank.upright); i++) {
    if (tank.plants !== 'none' && i % 2 === 1) continue;
    const roll = setup.dice(`root${i}`);
    const aside = (i % 2 ? 0.07 + 0.05 * i : -0.06 - 0.05 * i) * (ground.main < 0.5 ? 1 : -1);
    const x = ground.length * clamp(ground.main + aside, 0.05, 0.95);
    const all = [0, 1].flatMap((k) =>
      limbs(setup, roll, {
        x: x + k * 2.2 - 1,
        y: ground.floor(x, 0.25) + 0.3,
        towards: 90 + (roll() - 0.5) * 16,
        length: ground.free * (0.72 + roll() * 0.25 - k * 0.2),
        width: clamp(ground.free * 0.06, 1, 2.2) - k * 0.4,
        forks: 0,
      }),
    );
    timber(setup, `root${i}`, all, 0.24);
  }
}
