'use client';

import { useMemo } from 'react';
import type { UnitChoice } from '@/core/kernel';
import { useSettings } from './useTanks';

/** The units that the keeper chose; the same object while they stay the same. */
export function useUnits(): UnitChoice {
  const { length, volume, temperature, hardness } = useSettings();
  return useMemo(() => ({ length, volume, temperature, hardness }), [length, volume, temperature, hardness]);
}
