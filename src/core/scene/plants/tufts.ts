import { path } from '../ink';
import { leaves } from '../shapes';
import { green, type Plant } from './plant';

/** Low tufts before everything. */
export const tufts: Plant = (setup, roll, { x, z, shade, high }) => {
  const { ground, steps, isSmall } = setup;
  const list = Array.from({ length: isSmall ? 5 : 9 }, () => {
    const bx = x + (roll() - 0.5) * 3.4;
    return {
      at: [bx, ground.floor(bx, z)] as const,
      towards: 90 + (roll() - 0.5) * 56,
      length: high * (0.6 + roll() * 0.4),
      width: 0.4,
      sag: (roll() - 0.5) * 1.2,
    };
  });
  return path(setup, leaves(steps, isSmall, list), green(setup, shade));
};
