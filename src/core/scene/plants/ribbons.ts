import { path } from '../ink';
import { leaves } from '../shapes';
import { green, type Plant } from './plant';

/** Long ribbons that reach for the surface. */
export const ribbons: Plant = (setup, roll, { x, z, shade, high }) => {
  const { ground, steps, isSmall, clutter, current } = setup;
  const list = Array.from({ length: isSmall ? 4 : 8 }, () => {
    const length = high * (0.6 + roll() * 0.4);
    const bx = x + (roll() - 0.5) * 3;
    return {
      at: [bx, ground.floor(bx, z)] as const,
      towards: 90 + (roll() - 0.5) * 12,
      length,
      width: 0.75 + roll() * 0.3,
      sag: (roll() - 0.5) * length * 0.22 - current * length * 0.16,
      wide: 0.55,
    };
  });
  clutter.add(x - 3, ground.floor(x, z) - high * 0.8, x + 3, ground.floor(x, z), 0.12 + shade * 0.1);
  return path(setup, leaves(steps, isSmall, list), green(setup, shade));
};
