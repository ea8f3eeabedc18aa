import type { PlannedKind, RuleContext } from './context';
import type { Layer } from '../model/species';

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];

type Pair = readonly [PlannedKind, PlannedKind];

const ORDERED = new WeakMap<RuleContext, readonly Pair[]>();
const EACH = new WeakMap<RuleContext, readonly Pair[]>();

/** Many rules ask for the pairs of one context. */
function once(
  known: WeakMap<RuleContext, readonly Pair[]>,
  context: RuleContext,
  make: (context: RuleContext) => readonly Pair[],
): readonly Pair[] {
  const before = known.get(context);
  if (before) return before;
  const made = make(context);
  known.set(context, made);
  return made;
}

/** Every ordered pair of different kinds that is asked for. */
export const orderedPairs = (context: RuleContext): readonly Pair[] => once(ORDERED, context, makeOrdered);

function makeOrdered({ kinds, focus }: RuleContext): readonly Pair[] {
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
export const eachPair = (context: RuleContext): readonly Pair[] => once(EACH, context, makeEach);

function makeEach({ kinds, focus }: RuleContext): readonly Pair[] {
  if (focus !== null) {
    const at = kinds.indexOf(focus);
    return kinds.flatMap((kind, i): Pair[] =>
      kind === focus ? [] : [i < at ? [kind, focus] : [focus, kind]],
    );
  }
  return kinds.flatMap((a, i) => kinds.slice(i + 1).map((b) => [a, b] as const));
}

/** The kinds that are judged for themselves. */
export const judgedKinds = ({ kinds, focus }: RuleContext): readonly PlannedKind[] =>
  focus === null ? kinds : [focus];

/** The kinds to whom others do something: all, or the one that is asked for and those that it concerns. */
export const concernedKinds = (
  { kinds, focus }: RuleContext,
  concerns: (focus: PlannedKind, kind: PlannedKind) => boolean,
): readonly PlannedKind[] =>
  focus === null ? kinds : kinds.filter((kind) => kind === focus || concerns(focus, kind));

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
