'use client';

import { useMemo } from 'react';
import type { Resident } from '@/core/events';
import { coloursFor } from '@/ui/colourOf';

/** One colour a fish or group, by resident id, the same on every screen of the tank. */
export function useResidentColours(residents: readonly Resident[]): ReadonlyMap<string, string> {
  return useMemo(() => coloursFor(residents.map((resident) => resident.id)), [residents]);
}
