import { listChangeIn } from '@/core/commands/documentChanges';
import type { TankId } from '@/core/kernel/schema/ids';
import type { DraftGroup } from '@/core/records/documents';
import { memoryStore, type MemoryPlace } from '@/store/memory/memoryStore';
import { StoreError, type RoomStore } from '@/store/port';
import { append, cameAs, catalogue, counter, openTab, placeWithTanks, ready } from '@/testing/tabs';
import { openSession } from './session';
import type { Session } from './types';

const T = 'T' as TankId;
const soon = () => new Promise((resolve) => setTimeout(resolve, 5));

const groupsOf = (session: Session): readonly DraftGroup[] => {
  const document = session.state.getState().documents['draft-T'];
  return document?.kind === 'draft' && document.body ? document.body.groups : [];
};
const keysOf = (session: Session) => groupsOf(session).map(({ key }) => key);
const add = (session: Session, key: string) =>
  session.run(`Listed ${key}`, ({ documents }) => [
    listChangeIn(documents, T, (all) => [...all, { key, group: { species: 'danio-rerio', count: 6 } }]),
  ]);

/** A tab whose commits wait until `settle` says how they end. */
async function slowTab(place: MemoryPlace) {
  const store = memoryStore(place);
  let settle: (how: 'write' | 'fail') => void = () => undefined;
  const slow: RoomStore = {
    ...store,
    commit: async (...asked) => {
      const how = await new Promise<'write' | 'fail'>((resolve) => (settle = resolve));
      if (how === 'fail') throw new StoreError('quota', 'The storage is full.');
      return store.commit(...asked);
    },
  };
  const session = await ready(
    openSession({ store: slow, catalogue, stamp: counter('slow-', '2027-06-02T12:00:00.000Z'), tab: 'slow' }),
  );
  return { session, settle: (how: 'write' | 'fail') => settle(how) };
}

describe('a stock list', () => {
  it('is shown before the storage has it, and acknowledged after', async () => {
    const place = await placeWithTanks();
    const { session, settle } = await slowTab(place);
    let acknowledged = false;
    const adding = add(session, 'a').then(() => (acknowledged = true));
    await soon();
    expect([keysOf(session), acknowledged, place.documents.has('draft-T')]).toEqual([['a'], false, false]);
    const [shown] = groupsOf(session);
    settle('write');
    await adding;
    expect(keysOf(session)).toEqual(['a']);
    // What was shown stays the same object: nothing is drawn again.
    expect(groupsOf(session)[0]).toBe(shown);
  });

  it('is taken back where the storage refuses it', async () => {
    const { session, settle } = await slowTab(await placeWithTanks());
    const adding = add(session, 'a');
    await soon();
    settle('fail');
    await expect(adding).rejects.toThrow('The storage is full.');
    expect(keysOf(session)).toEqual([]);
    expect(session.state.getState().undoLabel).toBeNull();
  });

  it('keeps what another tab wrote meanwhile, refused or not', async () => {
    const place = await placeWithTanks();
    const other = await openTab(place, 'b');
    const { session, settle } = await slowTab(place);
    for (const [key, how, left] of [
      ['a', 'fail', ['x']],
      ['b', 'write', ['x', 'y', 'b']],
    ] as const) {
      const adding = add(session, key).catch(() => undefined);
      await soon();
      await add(other, how === 'fail' ? 'x' : 'y');
      await soon();
      settle(how);
      await adding;
      expect([...keysOf(session)].sort()).toEqual([...left].sort());
      expect(keysOf(session)).toEqual(keysOf(other));
    }
  });

  it('is the only thing shown ahead: a record waits for the storage', async () => {
    const { session, settle } = await slowTab(await placeWithTanks());
    const writing = session.run('Came', [append(session, cameAs('x', '2027-06-01T10:00:00.000Z', 6))]);
    await soon();
    expect(session.state.getState().room.residents['x']).toBeUndefined();
    settle('write');
    await writing;
    expect(session.state.getState().room.residents['x']?.count).toBe(6);
  });
});
