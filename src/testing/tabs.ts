import { SHIPPED_SPECIES } from '@/catalogue';
import { putChange } from '@/core/commands/documentChanges';
import { newTank } from '@/core/commands/newTank';
import { appendOf, type Change, type Stamp } from '@/core/gate/change';
import type { Dated } from '@/core/events/events';
import type { DocumentId, EntryId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import { buildCatalogue } from '@/core/model/catalogue';
import { openSession } from '@/session/session';
import type { Session } from '@/session/types';
import { memoryPlace, memoryStore, type MemoryPlace } from '@/store/memory/memoryStore';

export const catalogue = buildCatalogue(SHIPPED_SPECIES);

export const counter = (prefix: string, now = '2027-06-01T12:00:00.000Z'): Stamp => {
  let n = 0;
  return { id: () => `${prefix}${(n += 1)}` as EntryId, now: () => now };
};

/** Waits until the room is open and its journal is read. */
export async function ready(session: Session): Promise<Session> {
  const waits = (): boolean => {
    const { status, entries } = session.state.getState();
    return status === 'opening' || (status === 'ready' && entries === null);
  };
  while (waits()) await new Promise((resolve) => setImmediate(resolve));
  await new Promise((resolve) => setImmediate(resolve));
  return session;
}

/** A tab on a place; two on one place are two tabs. */
export const openTab = (place: MemoryPlace, tab = 'e'): Promise<Session> =>
  ready(
    openSession({ store: memoryStore(place), catalogue, stamp: counter(`${tab}${(opened += 1)}-`), tab }),
  );
/** Identifiers are never the same twice, as in a browser. */
let opened = 0;

export const tankPut = (id: string, name = id): Change =>
  putChange(
    'tank',
    id as DocumentId,
    newTank(name, 'display', { lengthCm: 100, widthCm: 40, heightCm: 50 }, 1),
  );

/** A place with two tanks, T and U, as if they had been there before. */
export async function placeWithTanks(): Promise<MemoryPlace> {
  const place = memoryPlace();
  await memoryStore(place).commit([tankPut('T'), tankPut('U')]);
  return place;
}

export const append = (session: Session, dated: Dated): Change => appendOf(dated, session.stamp);

export const cameAs = (id: string, on: string, count = 1): Dated => ({
  type: 'came',
  on,
  tank: 'T' as TankId,
  species: 'pterophyllum-scalare',
  members: [
    {
      id: id as ResidentId,
      name: id,
      count,
      individual: count === 1,
      sex: 'unknown',
      males: null,
      females: null,
    },
  ],
  lengthCm: 4,
  origin: 'tank-bred',
  from: '',
  note: '',
});
