import { path } from '../ink';
import { leaves } from '../shapes';
import type { Setup } from '../stageplan';
import { green } from './plant';

/** A fern that sits on wood or stone. */
export function fern(setup: Setup, roll: () => number, x: number, y: number, high: number): string {
  const { steps, isSmall } = setup;
  const n = isSmall ? 3 : 7;
  const list = Array.from({ length: n }, (_, i) => {
    const t = (i + 0.5) / n - 0.5;
    return {
      at: [x + t * 2.4, y + 0.5] as const,
      towards: 90 - t * 120 + (roll() - 0.5) * 16,
      length: high * (0.6 + roll() * 0.5),
      width: high * 0.13,
      sag: -t * 2.4,
    };
  });
  return path(setup, leaves(steps, isSmall, list), green(setup, 2));
}
