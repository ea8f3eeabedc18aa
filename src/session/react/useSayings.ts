'use client';

import { useMemo } from 'react';
import { type Sayings, sayingsFor } from '@/words/en';
import { useCatalogue } from './RoomProvider';
import { useSettings } from './useTanks';

/** Facts as sentences, in the keeper's units. */
export function useSayings(): Sayings {
  const catalogue = useCatalogue();
  const { length, volume, temperature, hardness } = useSettings();
  return useMemo(
    () => sayingsFor(catalogue, { length, volume, temperature, hardness }),
    [catalogue, length, volume, temperature, hardness],
  );
}
