'use client';

import { countedOf } from '@/words/en';
import { type SpeciesProfile } from '@/core/model';
import type { ResidentId, TankId } from '@/core/kernel';
import { appendChange, useCommands } from './useCommands';

/** Records how many of a species were seen in a tank, and who where they were ticked by name. True once it is kept. The record stays as it is. */
export function useHeadCount(
  tank: TankId,
): (profile: SpeciesProfile, seen: number, who?: readonly ResidentId[], on?: string) => Promise<boolean> {
  const { session, run } = useCommands();
  return (profile, seen, who, on = session.stamp.now()) =>
    run(`Counted ${countedOf(seen, profile)}`, [
      appendChange(session, {
        type: 'counted',
        on,
        tank,
        species: profile.id,
        seen,
        note: '',
        ...(who && { who: [...who] }),
      }),
    ]);
}
