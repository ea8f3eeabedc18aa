import { buildCatalogue } from '@/core/model';
import { idbStore } from '@/store/idb/idbStore';
import { writeFor } from '@/words/en';
import { browserStamp, thisTab } from './browserStamp';
import type { SecondCopy } from './secondCopy';
import { openSession } from './session';
import type { RoomName, Session } from './types';

interface Opened {
  readonly session: Session;
  /** The made-up room has none. */
  readonly copy: SecondCopy | null;
}

/** Opens a room of this browser, the made-up one with its scenario in it. */
export async function openRoom(name: RoomName): Promise<Opened> {
  writeFor(navigator.languages);
  const room = idbStore(`lomvik-${name}`);
  const [{ SHIPPED_SPECIES }, copying] = await Promise.all([
    import('@/catalogue'),
    // Loaded beside the first screen, which does without it.
    name === 'own' ? import('./secondCopy') : null,
  ]);
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
      const { putDemo } = await import('./putDemo');
      await putDemo(session);
    }
  }
  return { session, copy };
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

/** Whether nothing was ever written into a room; waits until it is open. */
export async function isEmpty(session: Session): Promise<boolean> {
  await settled(session);
  const { status, documents, entries } = session.state.getState();
  return status === 'ready' && Object.keys(documents).length === 0 && (entries?.length ?? 0) === 0;
}
