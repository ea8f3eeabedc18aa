'use client';

import { useEffect, useState } from 'react';
import { recall, remember } from '@/session/browserMemory';
import type { TankView } from '@/session/react/useTanks';

const LAST = 'lomvik.tank';

/** The tank that was looked at last, for what is done at the glass; the first of the room where none was. */
export function useLastTank(tanks: readonly TankView[], wanted: string | null): TankView | null {
  const [last, setLast] = useState<string | null>(null);
  useEffect(() => {
    if (wanted !== null) remember('sessionStorage', LAST, wanted);
    setLast(wanted ?? recall('sessionStorage', LAST));
  }, [wanted]);
  return tanks.find(({ id }) => id === last) ?? tanks[0] ?? null;
}
