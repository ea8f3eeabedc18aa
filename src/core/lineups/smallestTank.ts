import type { Catalogue, Wish } from '../model';
import { buildProblem, type Candidate, candidatesOf } from './buildProblem';
import type { LeftOut } from './leftOut';
import { Judge, type LineUp } from './lineUps';
import { solveProblem } from './solve';
import type { WishesFile } from './wishes';
import { anotherTank, type NamedSize, volumeOf } from './sizes';

/** The smallest size of those given in which so much of a wish list can live together. */
export interface SizeAnswer {
  readonly size: NamedSize | null;
  readonly lineUp: LineUp | null;
  /** Share of the weight of all wishes that the line-up keeps, 0 to 1. */
  readonly share: number;
  /** Wishes it does without, and why. */
  readonly leftOut: readonly LeftOut[];
  /** No smaller size was left undecided. */
  readonly proven: boolean;
}

/** Sums of weights that differ by less are one. */
const HAIR = 1e-6;

/** The wishes in a tank of this size: furnished as they say, and with a lid, which any new tank can have. Only stops count. */
function inSize({ trouble: _trouble, ...file }: WishesFile, size: NamedSize): WishesFile {
  return { ...file, tank: { ...anotherTank(file.tank, size), lid: true } };
}

const weightOf = (wishes: readonly Wish[]): number => wishes.reduce((sum, { weight = 1 }) => sum + weight, 0);

/** A size is left undecided after so many nodes of the search: a second or two. */
const MOST_NODES = 100_000;

interface Tried {
  /** Whether there is such a list. */
  readonly found: boolean;
  readonly decided: boolean;
  readonly answer: () => Pick<SizeAnswer, 'lineUp' | 'leftOut' | 'share'>;
}

/** A list for one tank that keeps more than so much weight, the first that is found; none when there is none. */
function keepsIn(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
  alone: ReturnType<typeof candidatesOf>,
  moreThan: number,
): Tried {
  const built = buildProblem(file, catalogue, today, alone);
  const judge = new Judge(file, built, catalogue, today);
  const wishOf = ({ wish }: Candidate): Wish => file.wishes[wish] as Wish;
  const weights = built.candidates.map((candidate) => weightOf([wishOf(candidate)]));
  const all = weightOf(file.wishes);
  let found = false;
  const { best, proven } = solveProblem(
    {
      ...built.problem,
      layerBonus: 0,
      items: built.problem.items.map((item, index) => ({ ...item, value: weights[index] as number })),
    },
    {
      best: 1,
      floor: moreThan * all,
      mostNodes: MOST_NODES,
      stop: () => found && moreThan > 0,
      accept: judge.accepts,
      onBetter: () => (found = true),
    },
  );
  const [first] = best;
  const items = first?.items ?? [];
  return {
    found,
    decided: proven || found,
    answer: () => ({
      lineUp: first ? judge.lineUp(first) : null,
      leftOut: judge.leftOut(items),
      share: items.reduce((sum, index) => sum + (weights[index] as number), 0) / all,
    }),
  };
}

/**
 * The smallest of `sizes`, by volume, in which wishes worth this share of the weight of all can live together.
 *
 * Layers give no value here: a list is measured by the weight of the species it keeps. Sizes are tried from the smallest up;
 * `onSize` is told of each. When none is enough, the size is null and the list is the best of the largest. Domain:
 * 0 < share <= 1.
 */
export function smallestTank(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
  sizes: readonly NamedSize[],
  share: number,
  onSize?: (size: NamedSize) => void,
): SizeAnswer {
  const byVolume = [...sizes].sort((a, b) => volumeOf(a) - volumeOf(b));
  let proven = true;
  for (const size of byVolume) {
    onSize?.(size);
    const tried = inSize(file, size);
    const alone = candidatesOf(tried, catalogue, today);
    const possible = new Set(alone.candidates.map(({ wish }) => wish));
    const most = weightOf(file.wishes.filter((_, wish) => possible.has(wish))) / weightOf(file.wishes);
    // Not even each by itself: no need to judge pairs.
    if (most < share - HAIR) continue;
    const { found, decided, answer } = keepsIn(tried, catalogue, today, alone, share - HAIR);
    if (found) return { ...answer(), size, proven };
    proven = proven && decided;
  }
  const largest = byVolume.at(-1);
  if (!largest) return { size: null, lineUp: null, share: 0, leftOut: [], proven };
  const last = inSize(file, largest);
  const { decided, answer } = keepsIn(last, catalogue, today, candidatesOf(last, catalogue, today), 0);
  return { ...answer(), size: null, proven: proven && decided };
}
