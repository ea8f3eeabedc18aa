import { plainReason, type Reason } from '../rules';
import { the } from '../wording';
import { pairKey, type Against, type BuiltProblem, type Candidate } from './buildProblem';
import { LAYER_NAMES, type ProblemItem } from './problem';
import type { WishesFile } from './wishes';

/** A wish that a line-up does without, and why. */
export interface LeftOut {
  readonly species: string;
  readonly why: Reason;
  /** What keeps it out: the finding of a rule, or one of the limits; null when something better takes its place. */
  readonly by: Against | 'nitrate' | 'room' | null;
}

/** Why a wish is not in the best line-up: a stop by itself, a chosen kind, a limit, or something better in its place. */
function reason(wish: number, built: BuiltProblem, chosen: readonly number[]): Omit<LeftOut, 'species'> {
  const { candidates, problem, why, dropped } = built;
  const mine = candidates.flatMap((candidate, index) => (candidate.wish === wish ? [index] : []));
  if (mine.length === 0) {
    const against = dropped.find((one) => one.wish === wish)?.against;
    return { why: against ?? plainReason('No count of it was left to consider.'), by: against ?? null };
  }
  const blocked = mine.map((index) => {
    const by = chosen.find((other) => why.has(pairKey(index, other)));
    return by === undefined ? null : (why.get(pairKey(index, by)) as Against);
  });
  const [first] = blocked;
  if (first && blocked.every((against) => against !== null)) return { why: first, by: first };
  const sum = (of: (item: ProblemItem) => number): number =>
    chosen.reduce((total, index) => total + of(problem.items[index] as ProblemItem), 0);
  const free = mine.filter((_, i) => blocked[i] === null).map((index) => problem.items[index] as ProblemItem);
  const left = problem.limits.nitrateMgLWeek - sum((item) => item.nitrateMgLWeek);
  if (free.every((item) => item.nitrateMgLWeek > left))
    return {
      why: plainReason(
        `It would make more nitrate than the ${Number(Math.max(0, left).toFixed(1))} mg/L a week that this line-up leaves.`,
      ),
      by: 'nitrate',
    };
  const tight = LAYER_NAMES.find((layer) =>
    free.every((item) => item.room[layer] > problem.limits.room[layer] - sum((one) => one.room[layer])),
  );
  if (tight !== undefined)
    return {
      why: plainReason(
        `This line-up leaves too little room ${tight === 'middle' ? 'in mid-water' : `at the ${tight}`} for it.`,
      ),
      by: 'room',
    };
  return {
    why: plainReason(
      `The whole list with ${the((candidates[mine[0] as number] as Candidate).profile)} is refused, or gives less than this one.`,
    ),
    by: null,
  };
}

/** The wishes that these items leave out, each with the pair or the limit that keeps it out. */
export function leftOutOf(
  file: WishesFile,
  built: BuiltProblem,
  chosen: readonly number[],
): readonly LeftOut[] {
  const present = new Set(chosen.map((index) => built.candidates[index]?.wish));
  return file.wishes.flatMap((_, wish) => {
    const species = built.speciesOf[wish];
    return present.has(wish) || species === undefined ? [] : [{ species, ...reason(wish, built, chosen) }];
  });
}
