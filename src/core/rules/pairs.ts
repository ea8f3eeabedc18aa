import type { PlannedSpecies, RuleContext } from './context';
import type { Layer } from '../model';

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];

/** The species that are judged for themselves. */
export const judgedKinds = ({ kinds, focus }: RuleContext): readonly PlannedSpecies[] =>
  focus === null ? kinds : [focus];

/**
 * The species to whom others do something: all, or the one that is asked for and those to whom it is the first that does it.
 * One more of several changes nothing of what is said.
 */
export function concernedKinds(
  { kinds, focus }: RuleContext,
  does: (other: PlannedSpecies, kind: PlannedSpecies) => boolean,
): readonly PlannedSpecies[] {
  if (focus === null) return kinds;
  const isFirst = (kind: PlannedSpecies): boolean =>
    does(focus, kind) && !kinds.some((other) => other !== focus && other !== kind && does(other, kind));
  return kinds.filter((kind) => kind === focus || isFirst(kind));
}

/** Share of the day that two species spend in the same water, 0 to 1. */
export function sharedWaterShare(a: PlannedSpecies, b: PlannedSpecies): number {
  return LAYERS.reduce((sum, layer) => sum + Math.min(a.profile.layers[layer], b.profile.layers[layer]), 0);
}

/** Months that two species are together; the whole horizon when neither leaves. */
export function monthsTogether(a: PlannedSpecies, b: PlannedSpecies, horizon: number): number {
  return Math.min(a.leavesInMonths ?? horizon, b.leavesInMonths ?? horizon, horizon);
}

/** Whether any group of either species has an exit plan. */
export const hasWayOut = (...kinds: readonly PlannedSpecies[]): boolean =>
  kinds.some((kind) => kind.groups.some((group) => group.wayOut.trim() !== ''));
