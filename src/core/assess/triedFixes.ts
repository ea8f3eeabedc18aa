import type { PlanEdit } from '../rules';
import { fixKey } from './causes';
import { type Leaves, mends, rehomedBy, toldGroups, type Trial, type Tried, tryEdit } from './tryEdit';
import { type SizeForSale, waysFor } from './ways';

/** A fix that was tried: it takes the worst of its group away or makes it milder, and brings no stop and no caution. */
export interface TriedFix {
  readonly edit: PlanEdit;
  /** So many animals that live in the tank leave it for this. */
  readonly rehomes: number;
  readonly leaves: Leaves;
  /** Nothing bad is left of the group. */
  readonly solves: boolean;
}

/** The best fixes of each group of findings, by `fixKey`; an empty list where nothing that was tried mends it. */
export type TriedFixes = ReadonlyMap<string, readonly TriedFix[]>;

/** So many fixes are offered for one group. */
const OFFERED_FIXES = 3;

/** How much a change asks of the keeper, the least first. */
const EFFORT: Readonly<Record<PlanEdit['kind'], number>> = {
  'set-lid': 0,
  'set-light': 0,
  'set-temperature': 0,
  'set-breaks': 1,
  'set-plants': 1,
  'set-substrate': 1,
  'set-sexes': 1,
  'set-count': 1,
  'set-origin': 1,
  'set-density': 2,
  'set-routine': 2,
  'set-wall': 3,
  'set-tank': 3,
  'leave-out': 4,
  swap: 5,
};

/** Whether fish are given up for it: what the keeper can do himself is told first. */
export const isOtherFish = ({ kind }: PlanEdit): boolean => kind === 'leave-out' || kind === 'swap';

/** What mends a group whole first, then what asks least of the keeper, then what leaves least trouble. */
export const inOrder = (a: TriedFix, b: TriedFix): number =>
  Number(b.solves) - Number(a.solves) ||
  EFFORT[a.edit.kind] - EFFORT[b.edit.kind] ||
  a.leaves.stop - b.leaves.stop ||
  a.leaves.caution - b.leaves.caution;

/** The best few, each of another sort: three larger tanks are one way. */
export function bestOf(fixes: readonly TriedFix[]): readonly TriedFix[] {
  const sorts = new Set<string>();
  return [...fixes]
    .sort(inOrder)
    .filter(({ edit }) => {
      const sort = edit.kind === 'leave-out' ? `${edit.kind} ${edit.species}` : edit.kind;
      if (sorts.has(sort)) return false;
      sorts.add(sort);
      return true;
    })
    .slice(0, OFFERED_FIXES);
}

/**
 * The fixes of a list, each tried on the whole plan: an offered one mends its group, brings no stop and no caution, and makes
 * nothing worse or earlier. With a pause after each trial.
 */
export function* triedFixesInSteps(
  trial: Trial & { readonly sizes: readonly SizeForSale[] },
): Generator<undefined, TriedFixes> {
  const { plan, before, catalogue, sizes } = trial;
  const tried = new Map<string, Tried | null>();
  const found = new Map<string, readonly TriedFix[]>();
  for (const group of toldGroups(before)) {
    const fixes: TriedFix[] = [];
    for (const edit of waysFor(group, plan, before, catalogue, sizes)) {
      const key = JSON.stringify(edit);
      if (!tried.has(key)) {
        tried.set(key, tryEdit(trial, edit));
        yield;
      }
      const one = tried.get(key);
      const mended = one && !one.harms ? mends(group, one) : null;
      if (one && mended !== null)
        fixes.push({ edit, rehomes: rehomedBy(edit, before), leaves: one.leaves, solves: mended === 'gone' });
    }
    found.set(fixKey(group), bestOf(fixes));
  }
  return found;
}
