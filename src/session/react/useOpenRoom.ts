'use client';

import { useCallback, useEffect, useState } from 'react';
import { buildCatalogue } from '@/core/model';
import type { Lost } from '@/store/mirror/mirror';
import { idbStore } from '@/store/idb/idbStore';
import { writeFor } from '@/words/en';
import { browserStamp, thisTab } from '../browserStamp';
import { askToKeep } from '../persistence';
import type { SecondCopy } from '../secondCopy';
import { openSession } from '../session';
import type { Session } from '../types';
import { todayIso } from '../today';

/** The keeper's own room, or the made-up one. Each has a database of its own. */
export type RoomName = 'own' | 'demo';

interface Opened {
  readonly session: Session;
  /** The made-up room has none. */
  readonly copy: SecondCopy | null;
}

async function openRoom(name: RoomName): Promise<Opened> {
  writeFor(navigator.languages);
  const { SHIPPED_SPECIES } = await import('@/catalogue');
  const room = idbStore(`lomvik-${name}`);
  // Loaded beside the first screen, which does without it.
  const copying = name === 'own' ? await import('../secondCopy') : null;
  const copy = copying?.secondCopy(name) ?? null;
  const store = copying && copy ? copying.withCopy(room, copy) : room;
  const session = openSession({
    store,
    catalogue: buildCatalogue(SHIPPED_SPECIES),
    stamp: browserStamp,
    tab: thisTab(),
  });
  if (name === 'demo') {
    await settled(session);
    const { status, documents } = session.state.getState();
    if (status === 'ready' && Object.keys(documents).length === 0) {
      const { demoRoom } = await import('@/demo/demoRoom');
      await session.replaceAll(demoRoom(todayIso()));
    }
  }
  return { session, copy };
}

/** The room is held against its second copy when the first screen has been drawn. */
const COMPARE_AFTER_MS = 4000;
/** An empty room waits no longer for its second copy. */
const COPY_PATIENCE_MS = 5000;

const soon = <T>(asked: Promise<T | null>): Promise<T | null> =>
  Promise.race([asked, new Promise<null>((resolve) => setTimeout(() => resolve(null), COPY_PATIENCE_MS))]);

async function isEmpty(session: Session): Promise<boolean> {
  await settled(session);
  const { status, documents, entries } = session.state.getState();
  return status === 'ready' && Object.keys(documents).length === 0 && (entries?.length ?? 0) === 0;
}

/** Waits until a room is open, or has failed. */
const settled = (session: Session): Promise<void> =>
  new Promise((resolve) => {
    const look = (): boolean => session.state.getState().status !== 'opening';
    if (look()) return resolve();
    const stop = session.state.subscribe(() => {
      if (!look()) return;
      stop();
      resolve();
    });
  });

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
    openRoom(name).then(
      async ({ session: opened, copy: kept }) => {
        if (left) return opened.close();
        open = opened;
        // An empty room may be one that the browser lost: that is told before anything else is shown.
        if (kept && (await isEmpty(opened))) setLost(await soon(kept.compare()));
        else if (kept)
          setTimeout(() => void kept.compare().then((one) => !left && setLost(one)), COMPARE_AFTER_MS);
        if (left) return;
        if (kept && !(await isEmpty(opened))) void askToKeep();
        setCopy(kept);
        setSession(opened);
      },
      (error: unknown) =>
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
