import { useCallback, useEffect, useState } from 'react';
import { doubtOf, lastWatchedOn, type Watching } from '@/core/commands';
import { notePresence, presenceOf } from '@/session/watchPresence';

/** How often a screen in view says that it is, ms. */
const BEAT_MS = 10_000;

/** Somebody may have left: why, and when the watch then ended. */
export interface Doubt {
  readonly of: string;
  readonly why: 'long' | 'unseen';
  readonly endOn: string;
}

const moment = (): string => new Date().toISOString();

/**
 * Asks whether somebody still watches when the screen comes back into view after minutes out of it, and when it has been open
 * for long. `lastEntryOn` is undefined until the journal has been read.
 */
export function useStillWatching(watching: Watching | null, lastEntryOn: string | null | undefined) {
  const [doubt, setDoubt] = useState<Doubt | null>(null);
  const watch = watching?.watch ?? null;
  const asked = doubt?.of === watch ? doubt : null;
  const isAsked = asked !== null;
  useEffect(() => {
    if (watching === null || lastEntryOn === undefined || isAsked) return undefined;
    const look = (): void => {
      if (document.visibilityState !== 'visible') return;
      const presence = presenceOf(watching.watch);
      const why = doubtOf(watching, presence, lastEntryOn, moment());
      if (why) setDoubt({ of: watching.watch, why, endOn: lastWatchedOn(watching, presence, lastEntryOn) });
      else notePresence(watching.watch, { seenOn: moment() });
    };
    const touched = (): void => notePresence(watching.watch, { seenOn: moment(), touchedOn: moment() });
    const first = setTimeout(look, 0);
    const beat = setInterval(look, BEAT_MS);
    document.addEventListener('visibilitychange', look);
    document.addEventListener('pointerdown', touched);
    document.addEventListener('keydown', touched);
    return () => {
      clearTimeout(first);
      clearInterval(beat);
      document.removeEventListener('visibilitychange', look);
      document.removeEventListener('pointerdown', touched);
      document.removeEventListener('keydown', touched);
    };
  }, [watching, lastEntryOn, isAsked]);
  const confirm = useCallback(() => {
    if (watch !== null) notePresence(watch, { confirmedOn: moment(), seenOn: moment(), touchedOn: moment() });
    setDoubt(null);
  }, [watch]);
  return { doubt: asked, confirm };
}
