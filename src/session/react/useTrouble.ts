'use client';

import { useCallback } from 'react';
import { type Assessment, roomPlan, type Trouble, troubleInSteps } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import { todayIso } from '../today';
import { useCatalogue } from './RoomProvider';
import { useInSteps } from './useInSteps';
import type { TankView } from './useTanks';

/** The main causes of trouble in a tank's list; the last answer until there is a new one. */
export function useTrouble(
  tank: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
  assessment: Assessment,
): Trouble | null {
  const catalogue = useCatalogue();
  const { body } = tank;
  const begin = useCallback(() => {
    const living = new Set(residents.map((one) => one.species));
    const ids = [...new Set(listed.map((one) => one.group.species))];
    const today = todayIso();
    return troubleInSteps({
      plan: roomPlan(body, residents, listed, catalogue, today),
      before: assessment,
      catalogue,
      today,
      removable: ids.filter((id) => !living.has(id)),
    });
  }, [body, residents, listed, assessment, catalogue]);
  return useInSteps(begin).last;
}
