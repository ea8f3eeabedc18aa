import type { Catalogue } from '../model';
import { buildProblem, candidatesOf } from './buildProblem';
import { leftOutOf, type LeftOut } from './leftOut';
import { Judge, type LineUp } from './lineUps';
import { solveProblem } from './solve';
import type { WishesFile } from './wishes';
import type { NamedSize } from './whatItTakes';

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

/** The wishes in a tank of this size: furnished as they say, measured anew, and with a lid, which any new tank can have. */
function inSize(file: WishesFile, { lengthCm, widthCm, heightCm }: NamedSize): WishesFile {
  const { substrate, substrateCm, plants, hides, sightBreaks, lightHours, hardscapeFraction } = file.tank;
  const kept = {
    lid: true,
    substrate,
    substrateCm,
    plants,
    hides,
    sightBreaks,
    lightHours,
    hardscapeFraction,
  };
  return {
    ...file,
    best: 1,
    tank: {
      ...Object.fromEntries(Object.entries(kept).filter(([, value]) => value !== undefined)),
      lengthCm,
      widthCm,
      heightCm,
    },
  };
}

/** A size is left undecided after so many nodes of the search: a second or two. */
const MOST_NODES = 100_000;

interface Tried extends Pick<SizeAnswer, 'lineUp' | 'leftOut' | 'share'> {
  readonly decided: boolean;
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
  const weight = (index: number): number => file.wishes[built.candidates[index]?.wish ?? -1]?.weight ?? 1;
  const all = file.wishes.reduce((sum, wish) => sum + (wish.weight ?? 1), 0);
  let found = false;
  const { best, proven } = solveProblem(
    {
      ...built.problem,
      layerBonus: 0,
      items: built.problem.items.map((item, index) => ({ ...item, value: weight(index) })),
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
  const items = best[0]?.items ?? [];
  return {
    lineUp: best[0] && items.length > 0 ? judge.lineUp(best[0]) : null,
    leftOut: leftOutOf(file, built, items),
    share: items.reduce((sum, index) => sum + weight(index), 0) / all,
    decided: proven || found,
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
  const all = file.wishes.reduce((sum, wish) => sum + (wish.weight ?? 1), 0);
  const byVolume = [...sizes].sort(
    (a, b) => a.lengthCm * a.widthCm * a.heightCm - b.lengthCm * b.widthCm * b.heightCm,
  );
  let proven = true;
  for (const size of byVolume) {
    onSize?.(size);
    const tried = inSize(file, size);
    const alone = candidatesOf(tried, catalogue, today);
    const possible = new Set(alone.candidates.map((candidate) => candidate.wish));
    const most = [...possible].reduce((sum, wish) => sum + (file.wishes[wish]?.weight ?? 1), 0) / all;
    // Not even each by itself: no need to judge pairs.
    if (most < share - HAIR) continue;
    const { decided, ...answer } = keepsIn(tried, catalogue, today, alone, share - HAIR);
    if (answer.lineUp) return { ...answer, size, proven };
    proven = proven && decided;
  }
  const largest = byVolume.at(-1);
  if (!largest) return { size: null, lineUp: null, share: 0, leftOut: [], proven };
  const last = inSize(file, largest);
  const { decided, ...answer } = keepsIn(last, catalogue, today, candidatesOf(last, catalogue, today), 0);
  return { ...answer, size: null, proven: proven && decided };
}
