import { path } from '../ink';
import { clamp } from '../shapes';
import type { Setup } from '../stageplan';
import type { SceneTank } from '../tank';
import { Trace } from '../trace';

/** A turnover an hour that counts as a hard current in this drawing (from memory). */
const HARD = 8;
const FAINTEST = 0.2;

/** The way the current goes and its strength, from -1 to 1: away from the outflow; the dice choose a side that nobody told. */
export function currentOf(filter: SceneTank['filter'], lengthCm: number, roll: () => number): number {
  if (!filter || filter.turnover <= 0) return 0;
  const isLeft = filter.atX === null ? roll() < 0.5 : filter.atX < lengthCm / 2;
  return (isLeft ? 1 : -1) * clamp(filter.turnover / HARD, FAINTEST, 1);
}

/** The outflow pipe over the rim, and the lines of its current, which reach farther where it is stronger. */
export function outflow(setup: Setup): void {
  const { ground, steps, hair, isSmall, current } = setup;
  if (current === 0) return;
  const side = Math.sign(current);
  const edge = side > 0 ? 0 : ground.length;
  const bore = clamp(ground.length * 0.011, 0.5, 1.8);
  const x = edge + side * (ground.pane + bore);
  const y = ground.surface + Math.max(1.5, ground.free * 0.06);
  const bend = bore * 1.3;
  const pipe = `${new Trace(steps)
    .move([x, 0])
    .line([x, y])
    .quad([x, y + bend], [x + side * bend, y + bend])
    .line([x + side * (bend + bore), y + bend])}`;
  const line = { fill: 'none', 'stroke-linejoin': 'round' } as const;
  setup.put(
    0.98,
    path(setup, pipe, {
      ...line,
      stroke: 'var(--slate)',
      'stroke-width': bore + hair * 2,
      'stroke-opacity': 0.8,
    }) + path(setup, pipe, { ...line, stroke: 'var(--paper)', 'stroke-width': bore }),
  );
  if (isSmall) return;
  const reach = ground.length * (0.3 + 0.6 * Math.abs(current));
  const stream = new Trace(steps);
  for (const i of [0, 1, 2]) {
    const [ax, ay] = [x + side * (4 + i * 2.4), y + bend + i * Math.min(1.5, ground.free * 0.04)];
    const ex = edge + side * reach * (1 - i * 0.14);
    const ey = ground.surface + ground.free * (0.66 - i * 0.1);
    stream
      .move([ax, ay])
      .cubic([edge + side * reach * 0.66, ay], [ex + side * reach * 0.03, ay - 0.5], [ex, ey])
      .move([ex - 0.8, ey - 1.5])
      .line([ex, ey], [ex + 0.9, ey - 1.4]);
  }
  setup.put(
    0.66,
    path(setup, `${stream}`, {
      ...line,
      stroke: 'var(--deep)',
      'stroke-width': hair,
      'stroke-opacity': 0.35,
      'stroke-linecap': 'round',
    }),
  );
}
