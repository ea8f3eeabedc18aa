'use client';

import { useMemo } from 'react';
import { type Sayings, sayingsFor } from '@/words/en';
import { useCatalogue } from './RoomProvider';
import { useUnits } from './useUnits';

/** Facts as sentences, in the keeper's units. */
export function useSayings(): Sayings {
  const catalogue = useCatalogue();
  const units = useUnits();
  return useMemo(() => sayingsFor(catalogue, units), [catalogue, units]);
}
