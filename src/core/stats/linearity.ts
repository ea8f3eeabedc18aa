import { coins, type Chance } from './seededChance';
import { dominated, scoredWins, unknownPairs, type WinTable } from './winTable';

/** How far an order is a line, with the share of random orders that are as much of a line. */
/** Too few fish for an order, or for one that could be told from chance. */
export type NoOrder = 'under three' | 'under six';

export interface Linearity {
  /** Landau's h with pairs that never met as one half; null below three fish. */
  readonly landauH: number | null;
  /** de Vries' h': the mean of h when unknown pairs are decided by lot. */
  readonly improvedH: number | null;
  /** Chance of a random order at least as linear; null when no number of contests could make it significant. */
  readonly p: number | null;
  /** Why there is no p. */
  readonly why?: NoOrder;
}

/** An order among so few can never be significant: a perfect order of five has p = 0.117. */
const TOO_FEW = 5;
/** Rounds of the randomisation test; its own error is then at most half a part in a hundred. */
export const LINEARITY_ROUNDS = 10_000;

const spread = (n: number): number => 12 / (n ** 3 - n);

/**
 * Landau's h = 12 / (N^3 - N) times the sum of (V - (N - 1) / 2)^2, ties and unknown pairs one half; h' adds
 * 6 U / (N^3 - N) for U unknown pairs; p by the randomisation test: in each round the unknown pairs are decided by lot and
 * the order is held against one in which all pairs are.
 *
 * Sources: Landau 1951; de Vries 1995. Compared on whole numbers (4 V^2), so that equal orders compare equal.
 * Complexity: rounds x N^2.
 */
export function linearity(table: WinTable, chance: Chance, rounds = LINEARITY_ROUNDS): Linearity {
  const n = table.ids.length;
  if (n < 3) return { landauH: null, improvedH: null, p: null, why: 'under three' };
  const middle = (n - 1) / 2;
  const landauH = spread(n) * dominated(table).reduce((sum, v) => sum + (v - middle) ** 2, 0);
  const improvedH = landauH + (6 * unknownPairs(table)) / (n ** 3 - n);
  if (n <= TOO_FEW)
    return {
      landauH,
      improvedH,
      p: null,
      why: 'under six',
    };
  return { landauH, improvedH, p: randomShare(table, chance, rounds) };
}

function randomShare(table: WinTable, chance: Chance, rounds: number): number {
  const wins = scoredWins(table);
  const n = wins.length;
  const known = new Int32Array(n);
  const open: number[] = [];
  for (let i = 0; i < n; i += 1)
    for (let j = i + 1; j < n; j += 1) {
      const won = wins[i]![j]!;
      const lost = wins[j]![i]!;
      if (won + lost === 0) open.push(i, j);
      else if (won === lost) {
        known[i]! += 1;
        known[j]! += 1;
      } else known[won > lost ? i : j]! += 2;
    }
  const squares = (values: Int32Array): number => values.reduce((sum, v) => sum + v * v, 0);
  const ours = new Int32Array(n);
  const random = new Int32Array(n);
  let asLinear = 0;
  const lot = coins(chance);
  for (let round = 0; round < rounds; round += 1) {
    ours.set(known);
    for (let k = 0; k < open.length; k += 2) ours[open[lot() ? k : k + 1]!]! += 2;
    random.fill(0);
    for (let i = 0; i < n; i += 1) for (let j = i + 1; j < n; j += 1) random[lot() ? i : j]! += 2;
    if (squares(random) >= squares(ours)) asLinear += 1;
  }
  return asLinear / rounds;
}
