import { path, tone } from '../ink';
import { clamp, type Leaf, leaves } from '../shapes';
import type { Setup } from '../stageplan';
import { Trace } from '../trace';
import { green } from './plant';

/** Floating plants: leaves on the water line, roots under it. Returns their drawing; it stands before all others. */
export function floating(setup: Setup): string {
  const { ground, steps, isSmall, hair, tank, clutter, current } = setup;
  if (tank.floating === 0) return '';
  const roll = setup.dice('float');
  const count = Math.max(1, Math.round((ground.length * clamp(tank.floating * 0.17, 0, 0.62)) / 5));
  // The current drives them to the far side.
  const isFromRight = current === 0 ? ground.main > 0.5 : current > 0;
  const y = ground.surface + 0.1;
  const list: Leaf[] = [];
  const roots = new Trace(steps);
  for (let i = 0; i < count; i++) {
    const own = setup.dice(`raft${i}`);
    const inwards = 3.5 + i * 4.8 + roll() * 2.2;
    const x = isFromRight ? ground.length - inwards : inwards;
    setup.rafts.push(x);
    for (let k = 0; k < (isSmall ? 2 : 5); k++) {
      const side = k % 2 ? 1 : -1;
      list.push({
        at: [x + side * 0.2, y],
        towards: 90 - side * (k > 3 ? 30 : 66 + own() * 28),
        length: 1.5 + own() * 1.5,
        width: 0.85,
        sag: -side * 0.35,
      });
    }
    const threads = isSmall ? 2 : 5;
    for (let k = 0; k < threads; k++) {
      const long = Math.min(ground.free * 0.4, 2.5 + own() ** 1.5 * 7);
      const q = (k / (threads - 1) - 0.5) * 2.2;
      roots
        .move([x + q * 0.4, y])
        .quad([x + q * 0.7, y + long * 0.5], [x + q * 1.2 + current * long * 0.18 + (own() - 0.5), y + long]);
    }
    clutter.add(x - 2.5, ground.surface, x + 2.5, ground.surface + 5, 0.3);
  }
  return (
    path(setup, `${roots}`, {
      fill: 'none',
      stroke: tone('green-line'),
      'stroke-width': hair * 0.8,
      'stroke-opacity': 0.6,
    }) + path(setup, leaves(steps, isSmall, list), green(setup, 2))
  );
}
