import { type Catalogue, favouritesOf } from '../model';
import { buildProblem, type BuiltProblem } from './buildProblem';
import type { LeftOut } from './leftOut';
import { BEST, Judge, type LineUp } from './lineUps';
import type { ReducedProblem } from './problem';
import { solveProblem } from './solve';
import type { WishesFile } from './wishes';

/** More favourites than this would be too many sets to set beside each other. */
const MOST_FAVOURITES = 8;

/** The best line-up around one set of favourites. */
export interface FavouriteLineUp extends LineUp {
  /** Species of the favourites that are in it; every other favourite is not. */
  readonly favourites: readonly string[];
  readonly leftOut: readonly LeftOut[];
}

/** Wishes that line-ups are built around: those that weigh most. */
export function favouriteWishes(file: WishesFile): readonly number[] {
  return favouritesOf(file.wishes.map((wish, index) => ({ index, weight: wish.weight ?? 1 })))
    .toSorted((a, b) => b.weight - a.weight || a.index - b.index)
    .slice(0, MOST_FAVOURITES)
    .map(({ index }) => index)
    .sort((a, b) => a - b);
}

/** The same problem with these wishes in and those out. */
function around(
  built: BuiltProblem,
  inside: readonly number[],
  outside: readonly number[],
): { readonly problem: ReducedProblem; readonly kept: readonly number[] } {
  const kept = built.candidates.flatMap((candidate, index) =>
    outside.includes(candidate.wish) ? [] : [index],
  );
  const place = new Map(kept.map((index, at) => [index, at]));
  const moved = (list: readonly number[]): number[] =>
    list.flatMap((index) => {
      const at = place.get(index);
      return at === undefined ? [] : [at];
    });
  const itemsOf = (wish: number): readonly number[] =>
    built.candidates.flatMap((candidate, index) => (candidate.wish === wish ? [index] : []));
  const { problem } = built;
  return {
    kept,
    problem: {
      ...problem,
      items: kept.map((index) => problem.items[index] as ReducedProblem['items'][number]),
      oneOf: problem.oneOf.map(moved).filter((list) => list.length > 1),
      required: [...problem.required, ...inside.map((wish) => [...itemsOf(wish)])].map(moved),
      conflicts: problem.conflicts.map(moved).filter((pair) => pair.length === 2),
    },
  };
}

function subsets(of: readonly number[]): readonly (readonly number[])[] {
  return Array.from({ length: 2 ** of.length }, (_, bits) => of.filter((__, i) => (bits >> i) & 1));
}

/**
 * The best line-up around each distinct set of favourites, best first: ten lists that differ in what matters, not ten with
 * one fish changed. Each is proven the best with those favourites and no other. Deterministic.
 */
export function favouriteLineUps(
  file: WishesFile,
  catalogue: Catalogue,
  today: string,
): readonly FavouriteLineUp[] {
  const built = buildProblem(file, catalogue, today);
  const judge = new Judge(file, built, catalogue, today);
  const favourites = favouriteWishes(file);
  const wanted = file.best ?? BEST;
  const weight = (set: readonly number[]): number =>
    set.reduce((sum, wish) => sum + (file.wishes[wish]?.weight ?? 1), 0);
  const found: FavouriteLineUp[] = [];
  for (const set of [...subsets(favourites)].sort((a, b) => weight(b) - weight(a))) {
    const { problem, kept } = around(
      built,
      set,
      favourites.filter((wish) => !set.includes(wish)),
    );
    const original = (items: readonly number[]): readonly number[] =>
      items.map((item) => kept[item] as number);
    const floor = found.length < wanted ? undefined : found[wanted - 1]?.value;
    const [best] = solveProblem(problem, {
      best: 1,
      floor,
      loss: built.loss && ((items) => built.loss?.(original(items)) ?? 0),
      accept: (items) => judge.accepts(original(items)),
    }).best;
    if (!best || best.items.length === 0) continue;
    found.push({
      ...judge.lineUp({ value: best.value, items: original(best.items) }),
      leftOut: judge.leftOut(original(best.items)),
      favourites: set.map((wish) => built.speciesOf[wish] as string),
    });
    found.sort((a, b) => b.value - a.value);
  }
  return found.slice(0, wanted);
}
