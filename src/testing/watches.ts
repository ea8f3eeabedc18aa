import { cameOf, chasedOf, memberOf, watchedOf } from './happened';
import type { Standing } from '@/core/events';

/** A moment of March 2026. */
export const at = (day: number, hour = 18, minute = 0): string =>
  new Date(Date.UTC(2026, 2, day, hour, minute)).toISOString();

/** A watch of twenty minutes on a day with so many contests of one against another. */
export const watch = (
  day: number,
  contests: number,
  winner = 'a',
  loser = 'b',
  more: Record<string, unknown> = {},
): Standing[] => [
  ...Array.from({ length: contests }, (_, i) => chasedOf(at(day, 18, i), winner, loser, more)),
  watchedOf(at(day, 18, 20), 20),
];
/** Four fish that come on the first day. */
export const four = cameOf(
  at(1),
  ['a', 'b', 'c', 'd'].map((id) => memberOf(id)),
);
