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
import type { Catalogue, KeeperSpecies } from '@/core/model';
import { Button } from '@/ui/Button';
import { saveText } from '@/session/saveFile';
import { handsRest } from '@/workers/handsRest';
import { recall, remember } from '../browserMemory';
import type { RoomName, Session, SessionState } from '../types';
import { useCopying } from './useCopying';
import { useOpenRoom } from './useOpenRoom';

const LostRoom = dynamic(() => import('./LostRoom').then((file) => file.LostRoom), { ssr: false });

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

/** The app is fetched whole, for use without a network, once it is open for so long and hands have rested for so long, ms. */
const PUT_AWAY_MS = 4000;

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
  useEffect(() => {
    void firstRoom().then(setName);
    if (!('serviceWorker' in navigator)) return undefined;
    const putAway = setTimeout(() => {
      void handsRest(PUT_AWAY_MS)
        .then(() => navigator.serviceWorker.register('/sw.js'))
        // Without it the app still works while the server answers.
        .catch(() => {});
    }, PUT_AWAY_MS);
    return () => clearTimeout(putAway);
  }, []);

  const { session, failure, lost, broughtBack, leftAsItIs } = useOpenRoom(name);
  useCopying(session, name);
  const goTo = useCallback((next: RoomName) => {
    remember('localStorage', CHOICE, next);
    setName(next);
  }, []);

  const resetDemo = useCallback(async () => {
    if (name !== 'demo' || !session) return;
    const { putDemo } = await import('../putDemo');
    await putDemo(session);
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
        {lost && <LostRoom lost={lost} room={rooms.name} onBack={broughtBack} onLeave={leftAsItIs} />}
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
