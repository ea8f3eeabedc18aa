/** Wins among fish: `wins[i][j]` is how often (or with what weight) the i-th beat the j-th. Square, zero on the diagonal. */
export interface WinTable {
  readonly ids: readonly string[];
  readonly wins: readonly (readonly number[])[];
  /** Sums of the squared weights, where contests weigh differently: a few heavy ones tell less than as many light ones. */
  readonly squares?: readonly (readonly number[])[];
}

/** A contest that somebody won. */
export interface Win {
  readonly winner: string;
  readonly loser: string;
  /** How much it counts; 1 when nothing is said. */
  readonly weight?: number;
}

/** The table of a list of contests. Fish stand in the order given, or else in the order in which they appear. */
export function winTable(contests: readonly Win[], among?: readonly string[]): WinTable {
  const ids = among ?? [...new Set(contests.flatMap(({ winner, loser }) => [winner, loser]))];
  const place = new Map(ids.map((id, index) => [id, index]));
  const wins = ids.map(() => ids.map(() => 0));
  const squares = ids.map(() => ids.map(() => 0));
  let alike = true;
  for (const { winner, loser, weight = 1 } of contests) {
    const i = place.get(winner);
    const j = place.get(loser);
    if (i === undefined || j === undefined || i === j) continue;
    wins[i]![j]! += weight;
    squares[i]![j]! += weight * weight;
    if (weight !== 1) alike = false;
  }
  return alike ? { ids, wins } : { ids, wins, squares };
}

/** Pairs that never met in a contest. Unknown is not equal. */
export function unknownPairs({ wins }: WinTable): number {
  let unknown = 0;
  for (let i = 0; i < wins.length; i += 1)
    for (let j = i + 1; j < wins.length; j += 1) if (wins[i]![j]! + wins[j]![i]! === 0) unknown += 1;
  return unknown;
}

/**
 * Whom each one dominates: 1 for more wins than losses, 1/2 for as many, 0 for fewer; 1/2 for a pair that never met.
 * Returns the sum for each fish (Landau's V).
 */
export function dominated({ wins }: WinTable): readonly number[] {
  return wins.map((row, i) =>
    row.reduce((sum, won, j) => {
      const lost = wins[j]![i]!;
      return i === j ? sum : sum + (won > lost ? 1 : won === lost ? 0.5 : 0);
    }, 0),
  );
}
