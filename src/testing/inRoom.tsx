import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import type { Change, Stamp } from '@/core/gate/change';
import type { DocumentBodies, DraftGroup } from '@/core/records/documents';
import type { Dated, Member } from '@/core/events/events';
import type { DocumentId, EntryId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import { RoomContext } from '@/session/react/RoomProvider';
import { openSession } from '@/session/session';
import type { Session } from '@/session/types';
import { memoryPlace, memoryStore, type MemoryPlace } from '@/store/memory/memoryStore';
import { catalogue, TANKS } from './plans';

export const TANK = 'T' as TankId;

const body: DocumentBodies['tank'] = {
  name: 'Holm',
  purpose: 'display',
  order: 1,
  tank: { ...TANKS.us75, lid: true, substrate: 'sand' },
  water: { temperatureC: 25 },
  routine: { changeFraction: 0.5, everyDays: 7 },
  practice: {},
  entered: undefined,
};

let ids = 0;
const stamp: Stamp = { id: () => `test-${(ids += 1)}` as EntryId, now: () => new Date().toISOString() };

export const individual = (name: string): Member => ({
  id: name.toLowerCase() as ResidentId,
  name,
  count: 1,
  individual: true,
  sex: 'unknown',
  males: null,
  females: null,
});
export const group = (name: string, count: number): Member => ({
  ...individual(name),
  count,
  individual: false,
});

/** Where the room of the last call of `room` is kept: a second store on it is another tab, or a worker. */
let place: MemoryPlace = memoryPlace();

/** Another tab, or a worker, on the place of the last call of `room`. */
export const otherStore = () => memoryStore(place);

/** A session over a store in memory: one tank, these newcomers and this list. */
export async function room(
  members: readonly Member[] = [],
  listed: readonly DraftGroup[] = [],
  species = 'labidochromis-caeruleus',
): Promise<Session> {
  place = memoryPlace();
  const session = openSession({ store: memoryStore(place), catalogue, stamp });
  while (session.state.getState().entries === null) await new Promise((resolve) => setTimeout(resolve, 0));
  const came: Dated = {
    type: 'came',
    on: '2026-01-10T10:00:00.000Z',
    tank: TANK,
    species,
    members: [...members],
    lengthCm: 6,
    origin: 'tank-bred',
    from: 'a club',
    note: '',
  };
  const changes: Change[] = [
    { kind: 'put', document: { id: TANK as unknown as DocumentId, kind: 'tank', rev: 1, body } },
    {
      kind: 'put',
      document: {
        id: `draft-${TANK}` as DocumentId,
        kind: 'draft',
        rev: 1,
        body: { tank: TANK, name: 'list', groups: [...listed] },
      },
    },
    ...(members.length > 0
      ? [{ kind: 'append' as const, entry: { ...came, id: stamp.id(), recorded: stamp.now() } }]
      : []),
  ];
  const outcome = await session.run('made for a test', changes);
  if (outcome.kind !== 'done') throw new Error(JSON.stringify(outcome));
  return session;
}

/** Shows a screen in a room, as the frame would. */
export function show(session: Session, screen: ReactElement) {
  return render(
    <RoomContext.Provider value={{ session, name: 'own', goTo: () => {}, resetDemo: async () => {} }}>
      {screen}
    </RoomContext.Provider>,
  );
}

/** Residents of the tank by name, with heads, as the journal has them now. */
export const heads = (session: Session): Record<string, number> =>
  Object.fromEntries(
    Object.values(session.state.getState().room.residents).map((resident) => [resident.name, resident.count]),
  );
