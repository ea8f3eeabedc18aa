import { tone, used } from '../ink';
import { clamp } from '../shapes';
import type { Setup } from '../stageplan';

const MOST = 40;
const TRIES = 8;

/** A field of snail shells, each about 4.4 cm. */
export function shells(setup: Setup): void {
  const { ground, steps, hair, tank, clutter } = setup;
  if (tank.shells === 0) return;
  const id = setup.define(
    'shell',
    (own) =>
      `<g id="${own}" transform="scale(${steps})" stroke="${tone('shell-line')}" stroke-width="${hair}" stroke-linejoin="round"><path fill="${tone('shell')}" d="M-2 0c-.5-1.3.2-2.9 1.7-3.1 1-.1 1.5.4 1.9.9.5-.1.8.2.9.6.4 0 .7.5 1 1.2-.5.3-.8.4-1.2.4-.6.4-1.6.3-2.2.1-.7.3-1.6.3-2.1-.1z"/><path fill="none" d="M1.6-2.2c.3.7.1 1.7-.4 2.3M2.5-1.6c.1.5 0 1-.3 1.5M-.2-3.1c1.1.6 1.3 2 .8 3" stroke-opacity=".7"/><path fill="${tone('mouth')}" fill-opacity=".8" d="M-2 0c-.5-.9-.2-2 .5-2.3.8-.2 1.3.5 1.2 1.3-.1.7-.7 1.2-1.7 1z"/></g>`,
  );
  const roll = setup.dice('shells');
  const middle = ground.length * (1 - ground.main + (ground.main < 0.5 ? -0.16 : 0.16));
  const count = Math.min(MOST, tank.shells);
  const spread = Math.min(ground.length * 0.26, count * 2.8);
  for (let i = 0; i < count; i++) {
    let best: readonly [number, number] = [middle, 0.7];
    let farthest = -1;
    for (let k = 0; k < TRIES; k++) {
      const x = clamp(middle + (roll() + roll() - 1) * spread, 4, ground.length - 4);
      const z = 0.5 + 0.5 * roll();
      let near = 9;
      for (const one of setup.shells) near = Math.min(near, Math.hypot(one.x - x, (one.z - z) * 8));
      if (near > farthest) [best, farthest] = [[x, z], near];
    }
    const [x, z] = best;
    const side = roll() < 0.5 ? 1 : -1;
    const y = ground.floor(x, z) + 0.35;
    // Its mouth is drawn to the left.
    setup.shells.push({ x, y: y - 2, z, ground: y, out: side > 0 ? 'left' : 'right' });
    const size = 0.8 + roll() * 0.25;
    setup.put(z, used(setup, id, x, y, (roll() - 0.5) * 40, side * size, size));
    clutter.add(x - 2, y - 3, x + 2, y, 0.15);
  }
}
