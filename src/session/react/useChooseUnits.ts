'use client';

import { changeSettings } from '@/core/commands';
import type { UnitChoice } from '@/core/kernel';
import { DEFAULT_SETTINGS } from '@/core/records';
import { useCommands } from './useCommands';

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
