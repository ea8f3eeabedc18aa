'use client';

import { changeSettings } from '@/core/commands';
import type { UnitChoice } from '@/core/kernel';
import type { DocumentBodies } from '@/core/records';
import { settingsHere } from '../usualSettings';
import { useCommands } from './useCommands';

/** Changes all units, or one of them. */
export function useChooseUnits(): (units: Partial<UnitChoice>) => void {
  const { run } = useCommands();
  return (units) =>
    void run(
      'Units changed',
      ({ documents }) =>
        changeSettings(documents, settingsHere(), units as Partial<DocumentBodies['settings']>),
      true,
    );
}
