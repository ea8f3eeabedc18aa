'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { recall, remember } from '../browserMemory';
import type { TankView } from './useTanks';

const LAST = 'lomvik.tank';
/** Nothing tells of a change: it is read anew with each screen. */
const never = () => () => undefined;

/** The tank that was looked at last, for what is done at the glass; the first of the room where none was. */
export function useLastTank(tanks: readonly TankView[], wanted: string | null): TankView | null {
  const last = useSyncExternalStore(
    never,
    () => recall('sessionStorage', LAST),
    () => null,
  );
  useEffect(() => {
    if (wanted !== null) remember('sessionStorage', LAST, wanted);
  }, [wanted]);
  return tanks.find(({ id }) => id === (wanted ?? last)) ?? tanks[0] ?? null;
}
