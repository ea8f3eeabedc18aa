import { lineUpReason, type Reason } from '../rules';
import { pairKey, type Against, type BuiltProblem } from './buildProblem';
import { LAYER_NAMES, type ProblemItem } from './problem';
import type { WishesFile } from './wishes';

/** A wish that a line-up does without, and why. */
export interface LeftOut {
  readonly species: string;
  readonly why: Reason;
  /** What keeps it out: the finding of a rule, or one of the limits; null when something better takes its place. */
  readonly by: Against | 'nitrate' | 'room' | null;
}

/** Why a wish is not in the best line-up: a stop by itself, a chosen species, a limit, or something better in its place. */
function reason(
  species: string,
  wish: number,
  built: BuiltProblem,
  chosen: readonly number[],
): Omit<LeftOut, 'species'> {
  const { candidates, problem, why, dropped } = built;
  const mine = candidates.flatMap((candidate, index) => (candidate.wish === wish ? [index] : []));
  if (mine.length === 0) {
    const against = dropped.find((one) => one.wish === wish)?.against;
    return { why: against ?? lineUpReason(species, { says: 'line-up/no number' }), by: against ?? null };
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
      why: lineUpReason(species, { says: 'line-up/nitrate', leftMgL: Math.max(0, left) }),
      by: 'nitrate',
    };
  const tight = LAYER_NAMES.find((layer) =>
    free.every((item) => item.room[layer] > problem.limits.room[layer] - sum((one) => one.room[layer])),
  );
  if (tight !== undefined)
    return {
      why: lineUpReason(species, { says: 'line-up/layer', layer: tight }),
      by: 'room',
    };
  return {
    why: lineUpReason(species, { says: 'line-up/worse' }),
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
    return present.has(wish) || species === undefined
      ? []
      : [{ species, ...reason(species, wish, built, chosen) }];
  });
}
