import { useEffect, useState } from 'react';
import { watchedSeconds, WATCHING, type Watching } from '@/core/commands';
import { useRoomState } from './RoomProvider';

/** The watch of the room that runs or is paused, wherever it is. */
export function useRunningWatch(): Watching | null {
  const document = useRoomState((state) => state.documents[WATCHING]);
  return document?.kind === 'watching' ? document.body : null;
}

const TICK_MS = 500;

/** Seconds on the clock of a watch, as they pass. */
export function useWatchedSeconds(watching: Watching | null): number {
  const [now, setNow] = useState(() => Date.now());
  const isRunning = watching?.runningSince != null;
  useEffect(() => {
    if (!isRunning) return undefined;
    const tick = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(tick);
  }, [isRunning]);
  return watching ? watchedSeconds(watching, now) : 0;
}
