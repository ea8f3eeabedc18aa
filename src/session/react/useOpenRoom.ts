'use client';

import { useCallback, useEffect, useState } from 'react';
import type { Lost } from '@/store/mirror/mirror';
import { askToKeep } from '../persistence';
import type { SecondCopy } from '../secondCopy';
import type { RoomName, Session } from '../types';

/** The room is held against its second copy when the first screen has been drawn. */
const COMPARE_AFTER_MS = 4000;
/** An empty room waits no longer for its second copy. */
const COPY_PATIENCE_MS = 5000;

const soon = <T>(asked: Promise<T | null>): Promise<T | null> =>
  Promise.race([asked, new Promise<null>((resolve) => setTimeout(() => resolve(null), COPY_PATIENCE_MS))]);

/** The room that is opened: what is missing in it against its second copy, and what becomes of that. */
interface OpenRoom {
  readonly session: Session | null;
  readonly failure: string | null;
  readonly lost: Lost | null;
  /** What was lost is in the room again. */
  readonly broughtBack: () => void;
  /** The room stays as it is: its second copy begins anew. */
  readonly leftAsItIs: () => void;
}

/** What opens a room is loaded beside the first picture, which does without it; asked for as soon as this is read. */
const loading = typeof window === 'undefined' ? null : import('../openRoom');

/** Opens a room and holds it against its second copy; an empty one before anything of it is shown. */
export function useOpenRoom(name: RoomName | null): OpenRoom {
  const [session, setSession] = useState<Session | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [copy, setCopy] = useState<SecondCopy | null>(null);
  const [lost, setLost] = useState<Lost | null>(null);

  useEffect(() => {
    if (name === null) return;
    let open: Session | null = null;
    let left = false;
    const opening = async (): Promise<void> => {
      const { openRoom, isEmpty } = await (loading ?? import('../openRoom'));
      const { session: opened, copy: kept } = await openRoom(name);
      if (left) return void opened.close();
      open = opened;
      // An empty room may be one that the browser lost: that is told before anything else is shown.
      if (kept && (await isEmpty(opened))) setLost(await soon(kept.compare()));
      else if (kept)
        setTimeout(() => void kept.compare().then((one) => !left && setLost(one)), COMPARE_AFTER_MS);
      if (left) return;
      if (kept && !(await isEmpty(opened))) void askToKeep();
      setCopy(kept);
      setSession(opened);
    };
    opening().catch((error: unknown) =>
      setFailure(error instanceof Error ? error.message : 'The room could not be opened.'),
    );
    return () => {
      left = true;
      setSession(null);
      setLost(null);
      open?.close();
    };
  }, [name]);

  return {
    session,
    failure,
    lost,
    broughtBack: useCallback(() => setLost(null), []),
    leftAsItIs: useCallback(() => {
      setLost(null);
      void copy?.anew();
    }, [copy]),
  };
}
