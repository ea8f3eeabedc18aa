'use client';

import { type CauseGroup, fixKey, type TriedFix, type TriedFixes } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import type { ListAsked, ListWork } from '@/workers/listWork';
import { useListWork } from './useListWork';
import type { TankView } from './useTanks';

const fixes = (work: Pick<ListWork, 'fixes'>, asked: ListAsked) => work.fixes(asked);

interface Tried {
  readonly last: TriedFixes | null;
  readonly current: boolean;
}

/** The same empty list each time: nothing is drawn anew. */
const NONE: readonly TriedFix[] = [];

/** The fixes of a group; null while nothing is known of it. */
export const fixesOf = ({ last, current }: Tried, group: CauseGroup): readonly TriedFix[] | null =>
  last?.get(fixKey(group)) ?? (current ? NONE : null);

/**
 * The fixes of a tank's list, each tried. `last` are those of the list before until they have been tried on this one: a press on
 * one that is not `current` waits for that.
 */
export const useTriedFixes = (
  tank: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
): Tried => useListWork(tank, residents, listed, fixes);
