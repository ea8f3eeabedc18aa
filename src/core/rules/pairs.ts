import type { PlannedSpecies, RuleContext } from './context';
import type { Layer } from '../model';

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];

/** The species that are judged for themselves. */
export const judgedSpecies = ({ planned, focus }: RuleContext): readonly PlannedSpecies[] =>
  focus === null ? planned : [focus];

/**
 * The species to whom others do something: all, or the one that is asked for and those to whom it is the first that does it.
 * One more of several changes nothing of what is said.
 */
export function concernedSpecies(
  { planned, focus }: RuleContext,
  does: (other: PlannedSpecies, species: PlannedSpecies) => boolean,
): readonly PlannedSpecies[] {
  if (focus === null) return planned;
  const isFirst = (species: PlannedSpecies): boolean =>
    does(focus, species) &&
    !planned.some((other) => other !== focus && other !== species && does(other, species));
  return planned.filter((species) => species === focus || isFirst(species));
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
export const hasWayOut = (...planned: readonly PlannedSpecies[]): boolean =>
  planned.some((species) => species.groups.some((group) => group.wayOut.trim() !== ''));
