'use client';

import type { Assessment } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import { assessTank } from '../assessTank';
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
  return assessTank(tank.body, { residents, listed, catalogue, today: todayIso() });
}
