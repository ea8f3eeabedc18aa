import { path, tone } from '../ink';
import { lerp } from '../shapes';
import type { Setup } from '../stageplan';
import { type Spot, Trace } from '../trace';

/** The grounds that are drawn, by what the keeper calls them. */
const GROUND_OF: Readonly<Record<string, 'sand' | 'gravel' | 'soil'>> = {
  sand: 'sand',
  'fine-gravel': 'gravel',
  gravel: 'gravel',
  rock: 'gravel',
  soil: 'soil',
};

/** The substrate: its far and near edge, and its grain. */
export function bed(setup: Setup): string {
  const { ground, steps, isSmall, hair, tank } = setup;
  const { length, height, pane, floor } = ground;
  const along = (z: number): readonly Spot[] => {
    const every = isSmall ? 12 : 5;
    const count = Math.ceil(length / every);
    return Array.from({ length: count + 1 }, (_, i) => {
      const x = Math.min(length, i * every);
      return [x, floor(x, z)];
    });
  };
  if (ground.isBare)
    return path(setup, `${new Trace(steps).move([0, floor(0, 0)]).line([length, floor(length, 0)])}`, {
      fill: 'none',
      stroke: 'var(--deep)',
      'stroke-opacity': 0.3,
      'stroke-width': hair,
    });
  const kind = GROUND_OF[tank.substrate] ?? 'sand';
  const sheet = (z: number): string =>
    `${new Trace(steps)
      .through(along(z))
      .line([length, height - pane], [0, height - pane])
      .close()}`;
  const edge = (z: number, opacity: number): string =>
    path(setup, `${new Trace(steps).through(along(z))}`, {
      fill: 'none',
      stroke: tone(`${kind}-grain`),
      'stroke-width': hair,
      'stroke-opacity': opacity,
    });
  const base =
    path(setup, sheet(0), { fill: tone(kind, 0.35) }) +
    path(setup, sheet(1), { fill: tone(kind) }) +
    edge(1, 0.55) +
    edge(0, 0.4);
  if (isSmall) return base;
  const roll = setup.dice('grain');
  const count = Math.min(900, Math.round(length * (kind === 'gravel' ? 2.2 : 3)));
  const dots = Array.from({ length: count }, (_, i): Spot => {
    const x = roll() * length;
    const t = roll();
    return i % 5 < 2
      ? [x, floor(x, roll() ** 0.7)]
      : [x, lerp(floor(x, 1) + 0.3, height - pane - 0.3, t ** 1.5)];
  });
  const trace = new Trace(steps);
  for (const dot of dots) trace.dot(dot);
  const size = { sand: 0.22, gravel: 0.8, soil: 0.4 }[kind];
  return (
    base +
    path(setup, `${trace}`, {
      fill: 'none',
      stroke: tone(`${kind}-grain`),
      'stroke-width': size,
      'stroke-linecap': 'round',
      'stroke-opacity': kind === 'sand' ? 0.75 : 0.6,
    })
  );
}
