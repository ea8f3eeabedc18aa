import { scoredWins, type WinTable } from '../stats';
import type { Certainty } from './certainty';

/** Two fish whose order a watch would teach most. */
export interface PairToWatch {
  readonly pair: readonly [string, string];
  /** Contests of the two so far. */
  readonly met: number;
}

/**
 * The pairs of which least is known: their order is as good as open (`above` near one half), and they met seldom or never.
 * What a watch teaches is taken as 4 a (1 - a) / (1 + contests), a simple figure of our own. Complexity: N^2 log N.
 */
export function pairsToWatch(table: WinTable, { above }: Certainty, most = 3): readonly PairToWatch[] {
  const wins = scoredWins(table);
  const pairs = table.ids.flatMap((one, i) =>
    table.ids.slice(i + 1).map((other, k) => {
      const j = i + 1 + k;
      const a = above[i]![j]!;
      const met = wins[i]![j]! + wins[j]![i]!;
      return { pair: [one, other] as const, met, teaches: (4 * a * (1 - a)) / (1 + met) };
    }),
  );
  return pairs
    .sort((x, y) => y.teaches - x.teaches)
    .slice(0, most)
    .filter(({ teaches }) => teaches > LEAST)
    .map(({ pair, met }) => ({ pair, met }));
}

/** Less than this is not worth a watch (from memory). */
const LEAST = 0.05;
