'use client';

import { useMemo } from 'react';
import { type Words, wordsFor } from '@/words/en';
import { useCatalogue } from './RoomProvider';
import { useUnits } from './useUnits';

/** Names of species, and figures in the keeper's units. */
export function useWords(): Words {
  const catalogue = useCatalogue();
  const units = useUnits();
  return useMemo(() => wordsFor(catalogue, units), [catalogue, units]);
}
