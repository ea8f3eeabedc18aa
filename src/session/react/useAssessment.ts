'use client';

import { useMemo } from 'react';
import { assess, type Assessment } from '@/core/assess/assess';
import { roomPlan } from '@/core/assess/roomPlan';
import type { DraftGroup } from '@/core/journal/documents';
import type { Resident } from '@/core/journal/room';
import { todayIso } from '../today';
import { useCatalogue } from './RoomProvider';
import type { TankView } from './useTanks';

/** The verdict on a tank: who lives there and what is listed to come. */
export function useAssessment(
  tank: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
): Assessment {
  const catalogue = useCatalogue();
  return useMemo(
    () => assess(roomPlan(tank.body, residents, listed, catalogue, todayIso()), catalogue, todayIso()),
    [tank, residents, listed, catalogue],
  );
}
