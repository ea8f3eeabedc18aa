'use client';

import { useCallback } from 'react';
import { type Assessment, roomPlan, type TriedFixes } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import { todayIso } from '../today';
import { useCatalogue } from './RoomProvider';
import { useInSteps } from './useInSteps';
import type { TankView } from './useTanks';

/** The fixes of a tank's list, each tried; null while they are being tried, and none of another list. */
export function useTriedFixes(
  { body }: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
  assessment: Assessment,
): TriedFixes | null {
  const catalogue = useCatalogue();
  const begin = useCallback(async () => {
    const today = todayIso();
    // Fixes come after the verdict: what tries them loads after it too.
    const [{ triedFixesInSteps }, { STANDARD_TANKS }] = await Promise.all([
      import('@/core/assess/triedFixes'),
      import('@/catalogue/standardTanks'),
    ]);
    return triedFixesInSteps({
      plan: roomPlan(body, residents, listed, catalogue, today),
      before: assessment,
      catalogue,
      today,
      sizes: STANDARD_TANKS,
    });
  }, [body, residents, listed, assessment, catalogue]);
  const { last, current } = useInSteps(begin);
  return current ? last : null;
}
