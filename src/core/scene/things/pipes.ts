import { given, path, tone } from '../ink';
import { clamp } from '../shapes';
import type { Setup } from '../stageplan';
import { Trace } from '../trace';

/** Caves that no rock holds: clay pipes that lie on the floor. */
export function pipes(setup: Setup): void {
  const { ground, steps, hair, clutter } = setup;
  for (let left = Math.min(12, setup.tank.caves - setup.caves.length); left > 0; left--) {
    const roll = setup.dice(`pipe${left}`);
    const away = (left % 2 ? 1 : -1) * (0.1 + 0.06 * (left % 5) + 0.04 * roll());
    const x = ground.length * clamp(ground.open + away, 0.14, 0.86);
    const y = ground.floor(x, 0.5);
    const d = clamp(ground.length * 0.075, 4.2, 7) * (0.9 + roll() * 0.25);
    const long = d * 2.1;
    const s = x / ground.length > ground.open ? -1 : 1;
    const line = { stroke: tone('clay-line'), 'stroke-width': hair };
    const body = new Trace(steps)
      .move([x, y])
      .line([x - s * long, y])
      .cubic(
        [x - s * (long + d * 0.3), y - d * 0.1],
        [x - s * (long + d * 0.3), y - d * 0.9],
        [x - s * long, y - d],
      )
      .line([x, y - d])
      .close();
    const ring = (rx: number, ry: number, fill: string): string =>
      `<ellipse${given({ cx: x * steps, cy: (y - d / 2) * steps, rx: rx * steps, ry: ry * steps, fill, stroke: line.stroke, 'stroke-width': hair * steps })}/>`;
    setup.put(
      0.5,
      path(setup, `${body}`, { fill: tone('clay'), ...line }) +
        ring(d * 0.25, d * 0.49, tone('clay', 0.25)) +
        ring(d * 0.2, d * 0.42, tone('mouth')),
    );
    setup.caves.push({ x: x + s, y: y - d / 2, width: d, ground: y, out: s > 0 ? 'right' : 'left' });
    clutter.add(x - long, y - d, x + long, y, 0.8);
  }
}
