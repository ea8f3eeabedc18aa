import { path, tone } from '../ink';
import { chipped, clamp, polygon } from '../shapes';
import type { Setup } from '../stageplan';
import { type Spot, Trace } from '../trace';
import { stone } from './rocks';

/** Slates that lean on a stone: overhangs. They stand where the floor map has slates. */
export function slates(setup: Setup): void {
  const { ground, steps, hair, isSmall, clutter, tank } = setup;
  const told = tank.pieces.filter(({ kind }) => kind === 'slate');
  const count = told.length > 0 ? told.length : tank.pieces.length > 0 ? 0 : Math.min(8, tank.overhangs);
  for (let i = 0; i < count; i++) {
    const roll = setup.dice(`slate${i}`);
    const piece = told[i];
    const aside = (ground.main < 0.5 === !(i % 2) ? 1 : -1) * (setup.caves.length > 0 ? 0.17 : 0.06);
    const share = (i % 2 ? 1 - ground.main : ground.main) + aside + (roll() - 0.5) * 0.06;
    const x = piece ? clamp(piece.x, 4, ground.length - 4) : ground.length * clamp(share, 0.14, 0.86);
    const long = piece
      ? clamp(piece.lengthCm, 5, 40)
      : clamp(ground.length * 0.13, 11, 24) * (0.9 + roll() * 0.3);
    const z = piece ? clamp(piece.y / tank.widthCm, 0.1, 0.95) : 0.55;
    const dir = x / ground.length < ground.open ? 1 : -1;
    const y = ground.floor(x, z);
    const a = ((19 + roll() * 7) * Math.PI) / 180;
    const high = long * 0.3;
    const at = (t: number, v: number): Spot => [
      x + dir * (t - 0.5) * long * Math.cos(a),
      y + 0.2 - t * long * Math.sin(a) - v * 1.4,
    ];
    const [toe, far] = [at(0.74, 0), at(0.82, 0)];
    const slab = [
      at(0, -0.1),
      at(0.01, 0.8),
      at(0.34, 1.08),
      at(0.7, 0.95),
      at(0.97, 1),
      at(1, 0.3),
      at(0.6, 0),
      at(0.3, -0.08),
    ];
    const grain = new Trace(steps);
    for (const v of [0.35, 0.65]) grain.move(at(0.05, v)).line(at(0.4 + v * 0.4, v + 0.05));
    const line = { stroke: tone('stone-line'), 'stroke-width': hair };
    setup.put(
      z,
      path(setup, polygon(steps, [at(0.05, 0), far, [far[0], y]]), {
        fill: tone('mouth'),
        'fill-opacity': 0.3,
      }) +
        stone(setup, toe[0], y + 0.2, (y - toe[1]) * 0.95, y - toe[1] + 0.6) +
        path(setup, chipped(steps, slab, 0.16), { fill: tone('slab'), ...line }) +
        (isSmall ? '' : path(setup, `${grain}`, { fill: 'none', ...line, 'stroke-opacity': 0.7 })),
    );
    const foot = at(0.3, 0);
    setup.caves.push({
      x: (foot[0] + toe[0]) / 2,
      y: y - high * 0.5,
      width: long * 0.5,
      ground: y,
      out: dir > 0 ? 'right' : 'left',
    });
    clutter.add(x - long / 2, y - high - 2, x + long / 2, y, 0.6);
    setup.perches.push({ x: at(0.5, 1)[0], y: at(0.5, 1)[1] });
  }
}
