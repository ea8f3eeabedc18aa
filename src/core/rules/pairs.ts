import type { PlannedKind, RuleContext } from './context';
import type { Layer } from '../model/species';

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];

type Pair = readonly [PlannedKind, PlannedKind];

/** Every ordered pair of different kinds that is asked for. */
export function orderedPairs({ kinds, focus }: RuleContext): readonly Pair[] {
  if (focus !== null)
    return kinds
      .filter((kind) => kind !== focus)
      .flatMap((kind): Pair[] => [
        [focus, kind],
        [kind, focus],
      ]);
  return kinds.flatMap((a) => kinds.filter((b) => b !== a).map((b) => [a, b] as const));
}

/** Every pair of different kinds that is asked for, once, in the order of the list. */
export function eachPair({ kinds, focus }: RuleContext): readonly Pair[] {
  return kinds.flatMap((a, i) =>
    kinds
      .slice(i + 1)
      .filter((b) => focus === null || a === focus || b === focus)
      .map((b) => [a, b] as const),
  );
}

/** The kinds that are judged for themselves. */
export const judgedKinds = ({ kinds, focus }: RuleContext): readonly PlannedKind[] =>
  focus === null ? kinds : [focus];

/** Share of the day that two kinds spend in the same water, 0 to 1. */
export function sharedWaterShare(a: PlannedKind, b: PlannedKind): number {
  return LAYERS.reduce((sum, layer) => sum + Math.min(a.profile.layers[layer], b.profile.layers[layer]), 0);
}

/** Months that two kinds are together; the whole horizon when neither leaves. */
export function monthsTogether(a: PlannedKind, b: PlannedKind, horizon: number): number {
  return Math.min(a.leavesInMonths ?? horizon, b.leavesInMonths ?? horizon, horizon);
}

/** Whether any group of either kind has a way out arranged. */
export const hasWayOut = (...kinds: readonly PlannedKind[]): boolean =>
  kinds.some((kind) => kind.groups.some((group) => group.wayOut.trim() !== ''));
