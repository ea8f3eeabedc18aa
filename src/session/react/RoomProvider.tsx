'use client';

import dynamic from 'next/dynamic';
import {
  createContext,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import { useStore } from 'zustand';
import { buildCatalogue, type Catalogue, type KeeperSpecies } from '@/core/model';
import { Button } from '@/ui/Button';
import { saveText } from '@/session/saveFile';
import { writeFor } from '@/words/en';
import type { Lost } from '@/store/mirror/mirror';
import { idbStore } from '@/store/idb/idbStore';
import { recall, remember } from '../browserMemory';
import { browserStamp, thisTab } from '../browserStamp';
import { askToKeep } from '../persistence';
import type { SecondCopy } from '../secondCopy';
import { openSession } from '../session';
import type { Session, SessionState } from '../types';
import { todayIso } from '../today';
import { useCopying } from './useCopying';

const LostRoom = dynamic(() => import('./LostRoom').then((file) => file.LostRoom), { ssr: false });

/** The keeper's own room, or the made-up one. Each has a database of its own. */
export type RoomName = 'own' | 'demo';

interface Rooms {
  readonly session: Session;
  readonly name: RoomName;
  readonly goTo: (name: RoomName) => void;
  /** Empties the demo room and makes it anew from today. */
  readonly resetDemo: () => Promise<void>;
}

/** The open room; tests give one of their own. */
export const RoomContext = createContext<Rooms | null>(null);
const CHOICE = 'lomvik.room';

const isRoom = (value: unknown): value is RoomName => value === 'own' || value === 'demo';

/** The room chosen last in this browser, else the one that this server was started for. */
async function firstRoom(): Promise<RoomName> {
  const chosen = recall('localStorage', CHOICE);
  if (isRoom(chosen)) return chosen;
  try {
    const answer = (await (await fetch('/start')).json()) as { room?: unknown };
    return isRoom(answer.room) ? answer.room : 'own';
  } catch {
    return 'own';
  }
}

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

const soon = <T,>(asked: Promise<T | null>): Promise<T | null> =>
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

/** Until the room is open, and when it cannot be: why, and the way to what is stored. */
function Opening({
  failure,
  session,
}: {
  readonly failure: string | null;
  readonly session: Session | null;
}) {
  return (
    <div className="grid min-h-dvh place-items-center p-6">
      {failure === null ? (
        <p className="text-slate">Opening the room…</p>
      ) : (
        <div role="alert" className="flex max-w-prose flex-col gap-3 border-l-2 border-buoy pl-4">
          <h1 className="text-[1.125rem] font-semibold">The room could not be opened</h1>
          <p>{failure}</p>
          <div className="flex flex-wrap gap-2">
            <Button tone="main" onClick={() => window.location.reload()}>
              Try again
            </Button>
            {session && <Button onClick={() => void saveRaw(session)}>Save what is stored</Button>}
          </div>
        </div>
      )}
    </div>
  );
}

/** Everything in the storage as it stands, when the room itself cannot be shown. */
async function saveRaw(session: Session): Promise<void> {
  try {
    saveText('lomvik-storage.json', JSON.stringify(await session.raw(), null, 2));
  } catch {
    // Said already: the storage does not answer.
  }
}

/** Opens the room and gives it to everything below; until then a line of text. */
export function RoomProvider({ children }: { readonly children: ReactNode }) {
  const [name, setName] = useState<RoomName | null>(null);
  const [session, setSession] = useState<Session | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [copy, setCopy] = useState<SecondCopy | null>(null);
  const [lost, setLost] = useState<Lost | null>(null);

  useEffect(() => {
    void firstRoom().then(setName);
    // Without it the app still works while the server answers.
    if ('serviceWorker' in navigator) navigator.serviceWorker.register('/sw.js').catch(() => {});
  }, []);

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

  useCopying(session, name);
  const goTo = useCallback((next: RoomName) => {
    remember('localStorage', CHOICE, next);
    setName(next);
  }, []);

  const resetDemo = useCallback(async () => {
    if (name !== 'demo' || !session) return;
    const { demoRoom } = await import('@/demo/demoRoom');
    const demo = demoRoom(todayIso());
    await session.replaceAll(demo);
  }, [name, session]);

  const rooms = useMemo(
    () =>
      session && name
        ? {
            session,
            name,
            goTo,
            resetDemo,
          }
        : null,
    [session, name, goTo, resetDemo],
  );
  return rooms ? (
    <RoomContext.Provider value={rooms}>
      <Ready session={rooms.session}>
        {lost && (
          <LostRoom
            lost={lost}
            room={rooms.name}
            onBack={() => setLost(null)}
            onLeave={() => {
              setLost(null);
              void copy?.anew();
            }}
          />
        )}
        {/* A room that is not there at all is offered back before anything else is shown. */}
        {!lost?.isWhole && children}
      </Ready>
    </RoomContext.Provider>
  ) : (
    <Opening failure={failure} session={null} />
  );
}

function Ready({ session, children }: { readonly session: Session; readonly children: ReactNode }) {
  // Deferred: the first screen is made in slices, between which the browser can breathe.
  const status = useDeferredValue(useStore(session.state, (state) => state.status));
  const failure = useStore(session.state, (state) => state.failure);
  return status === 'ready' ? children : <Opening failure={failure} session={session} />;
}

/** The open room. Throws outside `RoomProvider`. */
export function useRooms(): Rooms {
  const rooms = useContext(RoomContext);
  if (!rooms) throw new Error('useRooms outside RoomProvider');
  return rooms;
}

/** A part of the room's state; the component shows again when that part changes. */
export function useRoomState<T>(select: (state: SessionState) => T): T {
  return useStore(useRooms().session.state, select);
}

/** The species the room knows: the shipped ones and the keeper's. */
export function useCatalogue(): Catalogue {
  const { session } = useRooms();
  return useStore(session.state, (state) => session.catalogueOf(state.documents));
}

/** The keeper's own and changed species; the same array while none of them changes. */
export function useOwnSpecies(): readonly KeeperSpecies[] {
  const { session } = useRooms();
  return useStore(session.state, (state) => session.ownSpeciesOf(state.documents));
}
