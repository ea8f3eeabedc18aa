import { assess, type Assessment } from '../assess';
import type { Catalogue, PlanGroup } from '../model';
import {
  type Against,
  buildProblem,
  planWith,
  stopOf,
  type BuiltProblem,
  type Candidate,
} from './buildProblem';
import { leftOutOf, type LeftOut } from './leftOut';
import type { Solution } from './podium';
import type { ReducedProblem } from './problem';
import { solveProblem } from './solve';
import type { SolveOptions } from './solved';
import type { WishesFile } from './wishes';

/** How many line-ups when a file does not say. */
export const BEST = 10;

export interface LineUp {
  readonly value: number;
  readonly groups: readonly PlanGroup[];
  readonly assessment: Assessment;
}

export interface LineUps {
  readonly lineUps: readonly LineUp[];
  /** Nothing better exists. */
  readonly proven: boolean;
  /** No list that was not looked at can be worth more; the value of the best when proven. */
  readonly bound: number;
  readonly searched: number;
  /** Line-ups of value that the whole assessment refused. */
  readonly refused: number;
  /** Wishes that a line-up leaves out, and why: of the best, 0, and so on; all wishes when there is no such line-up. */
  readonly leftOut: (place: number) => readonly LeftOut[];
  readonly problem: ReducedProblem;
}

/** Lists of items as groups, and judged whole; each list is judged once. */
export class Judge {
  private readonly known = new Map<string, Assessment>();
  constructor(
    private readonly file: WishesFile,
    private readonly built: BuiltProblem,
    private readonly catalogue: Catalogue,
    private readonly today: string,
  ) {}
  groupsOf(items: readonly number[]): readonly PlanGroup[] {
    return items.map((index) => (this.built.candidates[index] as Candidate).group);
  }
  assess(items: readonly number[]): Assessment {
    const key = items.join();
    const known = this.known.get(key);
    if (known) return known;
    const made = assess(planWith(this.file, this.groupsOf(items)), this.catalogue, this.today);
    this.known.set(key, made);
    return made;
  }
  stopOn = (items: readonly number[]): Against | null => stopOf(this.assess(items));
  accepts = (items: readonly number[]): boolean => this.stopOn(items) === null;
  leftOut = (items: readonly number[]): readonly LeftOut[] =>
    leftOutOf(this.file, this.built, items, this.stopOn);
  lineUp = ({ value, items }: Solution): LineUp => ({
    value,
    groups: this.groupsOf(items),
    assessment: this.assess(items),
  });
}

export interface LineUpsOptions extends Pick<SolveOptions, 'mostNodes' | 'stop'> {
  /** Lists of the same species are one, whatever their numbers: the best of them stands. */
  readonly bySpecies?: boolean;
  /** Told of the best so far, each time it gets better. */
  readonly onBetter?: (
    best: readonly { readonly value: number; readonly groups: readonly PlanGroup[] }[],
  ) => void;
}

/**
 * The best line-ups of a wish list, best first, with proof. Deterministic.
 *
 * Distinct lists count, also those contained in a better one. A line-up whose whole assessment has a stop is dropped and
 * counted under `refused`. `today` is an ISO date. Domain: wishes that `readWishes` accepted with this catalogue.
 */
export function lineUps(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
  options: LineUpsOptions = {},
): LineUps {
  const built = buildProblem(file, catalogue, today);
  const judge = new Judge(file, built, catalogue, today);
  const { onBetter, bySpecies = false, ...limits } = options;
  const speciesIn = (items: readonly number[]): string =>
    [...new Set(items.map((item) => built.candidates[item]?.wish))].sort().join();
  const solved = solveProblem(built.problem, {
    ...limits,
    best: file.best ?? BEST,
    loss: built.loss,
    distinct: bySpecies ? speciesIn : undefined,
    accept: judge.accepts,
    onBetter:
      onBetter &&
      ((best) => onBetter(best.map(({ value, items }) => ({ value, groups: judge.groupsOf(items) })))),
  });
  return {
    lineUps: solved.best.map(judge.lineUp),
    proven: solved.proven,
    bound: solved.bound,
    searched: solved.searched,
    refused: solved.refused,
    leftOut: (place) => judge.leftOut(solved.best[place]?.items ?? []),
    problem: built.problem,
  };
}
