import { clamp, lerp } from '../shapes';
import type { Setup } from '../stageplan';
import { fern } from './ferns';
import type { Plant } from './plant';
import { ribbons } from './ribbons';
import { stems } from './stems';
import { swords, tallSwords } from './swords';
import { tufts } from './tufts';

interface Kind {
  readonly name: string;
  readonly plant: Plant;
  readonly count: number;
  /** Depths between which it is rooted. */
  readonly depth: readonly [number, number];
  readonly shade: 0 | 1 | 2;
  readonly high: (x: number, roll: () => number) => number;
}

const AMOUNT = { none: 0, some: 0.42, dense: 1 } as const;
const TRIES = 26;

/** All plants: high and thick away from the open water, where the floor map has plants there first. */
export function planting(setup: Setup): void {
  const { ground, tank, isSmall } = setup;
  const amount = AMOUNT[tank.plants];
  const { length, free, open } = ground;
  const told = tank.pieces.filter(({ kind }) => kind === 'plant');
  told.forEach((piece, i) => {
    const z = clamp(piece.y / tank.widthCm, 0.02, 0.95);
    const roll = setup.dice(`plant${i}`);
    const shade = z < 0.2 ? 0 : z < 0.5 ? 1 : 2;
    const plant = z < 0.25 ? ribbons : i % 2 ? stems : swords;
    const high = free * clamp(lerp(0.95, 0.3, z), 0.2, 0.95);
    const wide = Math.max(1, Math.round(piece.lengthCm / 9));
    for (let k = 0; k < wide; k++) {
      const x = clamp(piece.x + ((k + 0.5) / wide - 0.5) * piece.lengthCm, 2, length - 2);
      setup.put(z, plant(setup, roll, { x, z, shade, high: high * (0.8 + roll() * 0.2) }));
    }
  });
  if (amount === 0) return;
  const far = (x: number): number => clamp(Math.abs(x / length - open) / 0.5, 0, 1);
  const taken: (readonly [x: number, z: number])[] = told.map((piece) => [piece.x, piece.y / tank.widthCm]);
  const spot = (roll: () => number, z: number, gap: number): number => {
    let [best, most] = [length / 2, -Infinity];
    for (let i = 0; i < TRIES; i++) {
      const x = 2 + roll() * (length - 4);
      let near = gap * 1.6;
      for (const [tx, tz] of taken) if (Math.abs(tz - z) < 0.3) near = Math.min(near, Math.abs(tx - x));
      const value = far(x) * 0.8 * gap + near + roll() * gap * 0.3;
      if (value > most) [best, most] = [x, value];
    }
    taken.push([best, z]);
    return best;
  };
  // What the map tells of plants stands; the rest of "some" or "dense" is added behind it.
  const share = told.length > 0 ? 0.4 : 1;
  const many = (every: number, least = 0): number => Math.round((length / every) * amount * share) + least;
  const kinds: readonly Kind[] = [
    {
      name: 'ribbons',
      plant: ribbons,
      count: many(13),
      depth: [0, 0.12],
      shade: 0,
      high: (x, roll) => free * lerp(0.45, 1.02, far(x)) * (0.85 + roll() * 0.2),
    },
    {
      name: 'stems',
      plant: stems,
      count: many(20),
      depth: [0.05, 0.25],
      shade: 1,
      high: (x, roll) => free * clamp(far(x) * 0.9, 0.2, 0.82) * (0.8 + roll() * 0.25),
    },
    {
      name: 'swords',
      plant: swords,
      count: many(34, amount > 0.5 ? 1 : 0),
      depth: [0.35, 0.62],
      shade: 2,
      high: (x, roll) => free * lerp(0.22, 0.5, far(x)) * (0.85 + roll() * 0.3),
    },
    { name: 'tufts', plant: tufts, count: many(8), depth: [0.62, 1], shade: 2, high: () => 4.2 },
  ];
  for (const { name, plant, count, depth, shade, high } of kinds)
    for (let i = 0; i < count; i++) {
      if (isSmall && i % 3 === 2) continue;
      const roll = setup.dice(`${name}${i}`);
      const z = lerp(depth[0], depth[1], roll());
      const x = spot(roll, z, length / (count + 1));
      setup.put(z, plant(setup, roll, { x, z, shade, high: high(x, roll) }));
    }
  setup.perches
    .filter((_, i) => i % 2 === 0)
    .forEach(({ x, y }, i) => setup.put(0.64, fern(setup, setup.dice(`fern${i}`), x, y, 5.5)));
  // Of what stands upright, every second one is a plant; the others are roots.
  for (let i = 1; i < Math.min(6, tank.upright); i += 2) {
    const roll = setup.dice(`tall${i}`);
    const x = length * clamp(ground.main + (i % 2 ? 1 : -1) * 0.07 * (i + 1), 0.06, 0.94);
    setup.put(0.3, tallSwords(setup, roll, { x, z: 0.3, shade: 1, high: free * 0.75 }));
  }
}
