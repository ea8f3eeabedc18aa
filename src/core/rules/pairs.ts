import type { PlannedKind } from './context';
import type { Layer } from '../model/species';

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];

/** Every ordered pair of different kinds. */
export function orderedPairs(
  kinds: readonly PlannedKind[],
): readonly (readonly [PlannedKind, PlannedKind])[] {
  return kinds.flatMap((a) => kinds.filter((b) => b !== a).map((b) => [a, b] as const));
}

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
