/** Wins among fish: `wins[i][j]` is how often (or with what weight) the i-th beat the j-th. Square, zero on the diagonal. */
export interface WinTable {
  readonly ids: readonly string[];
  readonly wins: readonly (readonly number[])[];
  /** Sums of the squared weights, where contests weigh differently: a few heavy ones tell less than as many light ones. */
  readonly squares?: readonly (readonly number[])[];
  /** Contests that neither won, how often (or with what weight), both ways alike; not there where there are none. */
  readonly ties?: readonly (readonly number[])[];
  readonly tieSquares?: readonly (readonly number[])[];
}

/** A contest that somebody won, or that neither did. */
export interface Win {
  readonly winner: string;
  readonly loser: string;
  /** How much it counts; 1 when nothing is said. */
  readonly weight?: number;
  readonly undecided?: boolean;
}

/** The table of a list of contests. Fish stand in the order given, or else in the order in which they appear. */
export function winTable(contests: readonly Win[], among?: readonly string[]): WinTable {
  const ids = among ?? [...new Set(contests.flatMap(({ winner, loser }) => [winner, loser]))];
  const place = new Map(ids.map((id, index) => [id, index]));
  const square = (): number[][] => ids.map(() => ids.map(() => 0));
  const [wins, squares, ties, tieSquares] = [square(), square(), square(), square()];
  let isAlike = true;
  let hasTies = false;
  for (const { winner, loser, weight = 1, undecided = false } of contests) {
    const i = place.get(winner);
    const j = place.get(loser);
    if (i === undefined || j === undefined || i === j) continue;
    if (weight !== 1) isAlike = false;
    if (undecided) {
      hasTies = true;
      for (const [a, b] of [
        [i, j],
        [j, i],
      ] as const) {
        ties[a]![b]! += weight;
        tieSquares[a]![b]! += weight * weight;
      }
    } else {
      wins[i]![j]! += weight;
      squares[i]![j]! += weight * weight;
    }
  }
  return {
    ids,
    wins,
    ...(!isAlike && { squares }),
    ...(hasTies && { ties }),
    ...(!isAlike && hasTies && { tieSquares }),
  };
}

/**
 * Wins with what neither won counted as half a win for each (David 1987 does so for his scores): what scores and orders are
 * made of.
 */
export function scoredWins({ wins, ties }: Pick<WinTable, 'wins' | 'ties'>): WinTable['wins'] {
  return ties ? wins.map((row, i) => row.map((won, j) => won + ties[i]![j]! / 2)) : wins;
}

/** Pairs that never met in a contest. Unknown is not equal. */
export function unknownPairs(table: WinTable): number {
  const wins = scoredWins(table);
  let unknown = 0;
  for (let i = 0; i < wins.length; i += 1)
    for (let j = i + 1; j < wins.length; j += 1) if (wins[i]![j]! + wins[j]![i]! === 0) unknown += 1;
  return unknown;
}

/**
 * Whom each one dominates: 1 for more wins than losses, 1/2 for as many, 0 for fewer; 1/2 for a pair that never met. What
 * neither won changes nothing here.
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
