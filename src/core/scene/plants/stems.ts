import { group, path, tone, used } from '../ink';
import { type Leaf, leaves } from '../shapes';
import type { Setup } from '../stageplan';
import { Trace } from '../trace';
import { green, type Plant } from './plant';

/** Heights in which stems are drawn once and used often. */
const EVERY_CM = 7;

function stem(setup: Setup, high: number, variant: number, shade: 0 | 1 | 2): string {
  return setup.define(`stem${high}.${variant}.${shade}`, (id) => {
    const { steps, isSmall, hair } = setup;
    const roll = setup.dice(`stem${high}.${variant}`);
    const bend = (roll() - 0.5) * 4;
    const list: Leaf[] = [];
    for (let y = high * 0.14; y < high; y += (isSmall ? 5.5 : 2.4) * (0.85 + roll() * 0.3)) {
      const t = y / high;
      const length = (3 - 1.2 * t) * (0.85 + roll() * 0.3);
      for (const side of [-1, 1] as const)
        list.push({
          at: [bend * t * t, -y],
          towards: 90 - side * (66 - 30 * t + (roll() - 0.5) * 16),
          length,
          width: length * 0.38,
          sag: -side * 0.3,
        });
    }
    list.push({ at: [bend, -high], towards: 90, length: 1.6, width: 0.6 });
    const stalk = new Trace(steps).move([0, 0]).quad([0, -high * 0.5], [bend, -high]);
    return group(
      { id },
      path(setup, `${stalk}`, {
        fill: 'none',
        stroke: tone('green-line'),
        'stroke-width': hair,
        'stroke-opacity': 0.7,
      }) + path(setup, leaves(steps, isSmall, list), green(setup, shade)),
    );
  });
}

/** A stand of stems with leaves in pairs. */
export const stems: Plant = (setup, roll, { x, z, shade, high }) => {
  const { ground, isSmall, clutter, current } = setup;
  const n = isSmall ? 3 : 5;
  let art = '';
  for (let i = 0; i < n; i++) {
    const bx = x + (i - (n - 1) / 2) * 2.1 + (roll() - 0.5);
    const length = high * (0.6 + roll() * 0.4);
    const of = Math.max(1, Math.round(length / EVERY_CM)) * EVERY_CM;
    const id = stem(setup, of, Math.floor(roll() * 2), shade);
    const scale = (length / of) * (0.97 + roll() * 0.06);
    art += used(
      setup,
      id,
      bx,
      ground.floor(bx, z),
      (roll() - 0.5) * 7 + current * 3,
      roll() < 0.5 ? scale : -scale,
      scale,
    );
  }
  clutter.add(x - 6, ground.floor(x, z) - high * 0.9, x + 6, ground.floor(x, z), 0.25 + shade * 0.12);
  return art;
};
