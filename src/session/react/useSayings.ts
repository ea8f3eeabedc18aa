'use client';

import { useMemo } from 'react';
import { type Sayings, sayingsFor, type Words, wordsFor } from '@/words/en';
import type { UnitChoice } from '@/core/kernel';
import { useCatalogue } from './RoomProvider';
import { useSettings } from './useTanks';

/** The units that the keeper chose; the same object while they stay the same. */
function useUnits(): UnitChoice {
  const { length, volume, temperature, hardness } = useSettings();
  return useMemo(() => ({ length, volume, temperature, hardness }), [length, volume, temperature, hardness]);
}

/** Facts as sentences, in the keeper's units. */
export function useSayings(): Sayings {
  const catalogue = useCatalogue();
  const units = useUnits();
  return useMemo(() => sayingsFor(catalogue, units), [catalogue, units]);
}

/** Names of species, and figures in the keeper's units. */
export function useWords(): Words {
  const catalogue = useCatalogue();
  const units = useUnits();
  return useMemo(() => wordsFor(catalogue, units), [catalogue, units]);
}
