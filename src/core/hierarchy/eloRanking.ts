/** A contest between two, in the order of time. */
export interface Contest {
  readonly winner: string;
  readonly loser: string;
  readonly on: string;
  /** How much it counts in scores; ratings do not look at it. 1 when nothing is said. */
  readonly weight?: number;
  /** Neither had the better of the other; the two are named in any order. */
  readonly undecided?: boolean;
  /** From a tank in which the two lived before. */
  readonly isBefore?: boolean;
}

/** A fish that is back after days away: its old rating says nothing of the order it comes back to. */
export interface Return {
  readonly back: string;
  readonly on: string;
}

/** Every fish starts here, and starts here again when it comes back. */
export const ELO_START = 1000;
/** Points at stake in a contest (Albers and de Vries 2001 and later animal studies use about 100). */
export const ELO_K = 100;
const LOGISTIC_BASE = 10;
const LOGISTIC_SCALE = 400;

/** Chance that the first wins, by the logistic curve: 1 / (1 + 10^((second - first) / 400)). Source: Elo 1978. */
export function eloExpectation(first: number, second: number): number {
  return 1 / (1 + LOGISTIC_BASE ** ((second - first) / LOGISTIC_SCALE));
}

export interface EloStep {
  readonly on: string;
  readonly winner: string;
  readonly loser: string;
  readonly expected: number;
  readonly undecided: boolean;
  readonly winnerAfter: number;
  readonly loserAfter: number;
}

/**
 * Ratings contest by contest, given contests and returns in the order of time.
 *
 * Ratings start at 1000, k = 100, logistic expectation. An undecided contest scores one half for each. Source: Elo 1978; Albers and de Vries 2001; Neumann et al. 2011.
 */
export function eloTrace(course: readonly (Contest | Return)[], k = ELO_K): readonly EloStep[] {
  const ratings = new Map<string, number>();
  const steps: EloStep[] = [];
  for (const one of course) {
    if ('back' in one) {
      ratings.delete(one.back);
      continue;
    }
    const { winner, loser, on, undecided = false } = one;
    const first = ratings.get(winner) ?? ELO_START;
    const second = ratings.get(loser) ?? ELO_START;
    const expected = eloExpectation(first, second);
    const gain = k * ((undecided ? 0.5 : 1) - expected);
    ratings.set(winner, first + gain);
    ratings.set(loser, second - gain);
    steps.push({
      on,
      winner,
      loser,
      expected,
      undecided,
      winnerAfter: first + gain,
      loserAfter: second - gain,
    });
  }
  return steps;
}

export interface Ranked {
  readonly id: string;
  readonly rating: number;
  readonly wins: number;
  readonly losses: number;
  /** Contests that neither won. */
  readonly undecided: number;
  /** Fish it has met in a contest. */
  readonly met: number;
}

/**
 * The ranking from contests: highest rating first. Fish without a contest are not in it: unknown is not equal. A fish that
 * came back stands on it by what it did since; its old steps stay in the trace.
 */
export function eloRanking(
  course: readonly (Contest | Return)[],
  steps: readonly EloStep[] = eloTrace(course),
): readonly Ranked[] {
  const ranked = new Map<
    string,
    { rating: number; wins: number; losses: number; undecided: number; met: Set<string> }
  >();
  const entry = (id: string) => {
    const found = ranked.get(id) ?? {
      rating: ELO_START,
      wins: 0,
      losses: 0,
      undecided: 0,
      met: new Set<string>(),
    };
    ranked.set(id, found);
    return found;
  };
  let at = 0;
  for (const one of course) {
    if ('back' in one) {
      ranked.delete(one.back);
      continue;
    }
    const step = steps[at]!;
    at += 1;
    const winner = entry(step.winner);
    const loser = entry(step.loser);
    winner.rating = step.winnerAfter;
    if (step.undecided) {
      winner.undecided += 1;
      loser.undecided += 1;
    } else {
      winner.wins += 1;
      loser.losses += 1;
    }
    winner.met.add(step.loser);
    loser.rating = step.loserAfter;
    loser.met.add(step.winner);
  }
  return [...ranked.entries()]
    .map(([id, { met, ...rest }]) => ({ id, ...rest, met: met.size }))
    .sort((a, b) => b.rating - a.rating || (a.id < b.id ? -1 : 1));
}
