'use client';

import { useMemo } from 'react';
import { changeSettings } from '@/core/commands';
import type { UnitChoice } from '@/core/kernel';
import { DEFAULT_SETTINGS } from '@/core/records';
import { useCommands } from './useCommands';
import { useSettings } from './useTanks';

/** The units that the keeper chose; the same object while they stay the same. */
export function useUnits(): UnitChoice {
  const { length, volume, temperature, hardness } = useSettings();
  return useMemo(() => ({ length, volume, temperature, hardness }), [length, volume, temperature, hardness]);
}

/** Changes all units, or one of them. */
export function useChooseUnits(): (units: Partial<UnitChoice>) => void {
  const { run } = useCommands();
  return (units) =>
    void run(
      'Units changed',
      ({ documents }) =>
        changeSettings(documents, DEFAULT_SETTINGS, units as Partial<typeof DEFAULT_SETTINGS>),
      true,
    );
}
