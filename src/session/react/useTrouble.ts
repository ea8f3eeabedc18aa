'use client';

import { useCallback } from 'react';
import type { Trouble } from '@/core/assess';
import type { DraftGroup } from '@/core/records';
import type { Resident } from '@/core/events';
import type { ListAsked, ListWork } from '@/workers/listWork';
import { useListWork } from './useListWork';
import type { TankView } from './useTanks';

/** The main causes of trouble in a tank's list; the last answer until there is a new one. */
export function useTrouble(
  tank: TankView,
  residents: readonly Resident[],
  listed: readonly DraftGroup[],
): Trouble | null {
  const ask = useCallback(
    (work: Pick<ListWork, 'trouble'>, asked: ListAsked) => {
      const living = new Set(residents.map((one) => one.species));
      const removable = [...new Set(listed.map((one) => one.group.species))].filter((id) => !living.has(id));
      return work.trouble(asked, removable);
    },
    [residents, listed],
  );
  return useListWork(tank, residents, listed, ask).last;
}
