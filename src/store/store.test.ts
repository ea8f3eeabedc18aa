import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import type { Change } from '@/core/gate/change';
import type { DocumentId, EntryId, TankId } from '@/core/kernel/schema/ids';
import { idbStore, asStoreError } from './idb/idbStore';
import { DATABASE_VERSION } from './idb/migrations';
import { memoryPlace, memoryStore } from './memory/memoryStore';
import type { Announcement, RoomStore } from './port';

const note = (id: string, text = 'x'): Change => ({
  kind: 'append',
  entry: {
    id: id as EntryId,
    type: 'noted',
    on: '2026-01-01T10:00:00.000Z',
    recorded: '2026-01-01T10:00:00.000Z',
    tank: 'T' as TankId,
    text,
  },
});
const settings = (keeper: string): Change => ({
  kind: 'put',
  document: {
    id: 'settings' as DocumentId,
    kind: 'settings',
    rev: 1,
    body: { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH', keeper },
  },
});

let rooms = 0;
/** Two stores on one place, as two tabs have it. */
const places: [string, () => [RoomStore, RoomStore]][] = [
  [
    'idb',
    () => {
      const name = `room-${(rooms += 1)}`;
      return [idbStore(name), idbStore(name)];
    },
  ],
  [
    'memory',
    () => {
      const place = memoryPlace();
      return [memoryStore(place), memoryStore(place)];
    },
  ],
];

describe.each(places)('the %s store', (_name, make) => {
  let first: RoomStore;
  let second: RoomStore;
  beforeEach(() => {
    [first, second] = make();
  });
  afterEach(() => {
    first.close();
    second.close();
  });

  it('places entries one after another and counts revisions', async () => {
    const one = await first.commit([note('a'), note('b'), settings('me')]);
    const two = await second.commit([note('c'), settings('you')]);
    expect(one.entries.map((entry) => entry.seq)).toEqual([1, 2]);
    expect(two.entries.map((entry) => entry.seq)).toEqual([3]);
    expect([one.documents[0]?.rev, two.documents[0]?.rev]).toEqual([1, 2]);
    expect((await first.entries()).map((entry) => entry.id)).toEqual(['a', 'b', 'c']);
  });

  it('writes whole or not at all', async () => {
    await first.commit([note('a'), settings('before')]);
    await expect(first.commit([settings('after'), note('b'), note('a')])).rejects.toMatchObject({
      name: 'StoreError',
      reason: 'conflict',
    });
    expect((await first.entries()).map((entry) => entry.id)).toEqual(['a']);
    expect((await first.open()).documents[0]).toMatchObject({ body: { keeper: 'before' } });
    expect((await first.commit([note('c')])).entries[0]?.seq).toBe(2);
  });

  it('opens with the snapshot, and reads what came after it by itself', async () => {
    await first.commit([note('a'), note('b')]);
    await first.saveSnapshot({
      seq: 2,
      lastOn: '2026-01-01T10:00',
      room: { residents: {}, tanks: {}, loose: [] },
    });
    await first.commit([note('c')]);
    const opened = await second.open();
    expect(opened.snapshot?.seq).toBe(2);
    expect((await second.entries(opened.snapshot?.seq)).map((entry) => entry.id)).toEqual(['c']);
  });

  it('tells the other tab after the commit, and not itself', async () => {
    const heard: Announcement[] = [];
    const own: Announcement[] = [];
    second.onAnnouncement((announcement) => heard.push(announcement));
    first.onAnnouncement((announcement) => own.push(announcement));
    await first.commit([note('a')]);
    for (let i = 0; i < 50 && heard.length === 0; i += 1)
      await new Promise((resolve) => setTimeout(resolve, 5));
    expect(heard).toMatchObject([{ kind: 'committed', committed: { entries: [{ id: 'a', seq: 1 }] } }]);
    expect(own).toEqual([]);
    expect((await second.entries()).map((entry) => entry.id)).toEqual(['a']);
  });

  it('tells nobody before what is done besides is done', async () => {
    const order: string[] = [];
    second.onAnnouncement(() => order.push('told'));
    const committed = await first.commit([note('a')], {
      beforeTold: async ({ entries }) => {
        await new Promise((resolve) => setTimeout(resolve, 30));
        const durable = (await second.entries()).map(({ id }) => id);
        order.push(`besides ${entries.map(({ id }) => id).join()} of ${durable.join()}`);
      },
    });
    order.push('resolved');
    for (let i = 0; i < 50 && order.length < 3; i += 1)
      await new Promise((resolve) => setTimeout(resolve, 5));
    expect(order[0]).toBe('besides a of a');
    expect(order.slice(1).sort()).toEqual(['resolved', 'told']);
    expect(committed.entries.map(({ seq }) => seq)).toEqual([1]);
  });

  it('does nothing besides where nothing was written', async () => {
    const besides = jest.fn(async () => {});
    await first.commit([], { beforeTold: besides });
    expect(besides).not.toHaveBeenCalled();
  });

  it('reads a long journal whole and in order, though it is read in pieces', async () => {
    const many = Array.from({ length: 9001 }, (_, i) => note(`n${i}`));
    await first.commit(many);
    const read = await second.entries();
    expect(read.map((entry) => entry.id)).toEqual(many.map((_, i) => `n${i}`));
    expect(read.at(-1)?.seq).toBe(9001);
  });

  it('replaces everything at once', async () => {
    await first.commit([note('a'), settings('me')]);
    await first.saveSnapshot({ seq: 1, lastOn: '', room: { residents: {}, tanks: {}, loose: [] } });
    const entries = (await first.commit([note('b')])).entries;
    await second.replaceAll({ documents: [], entries }, { label: 'a file', at: '2026-01-02' });
    expect(await first.open()).toMatchObject({ documents: [], snapshot: null, replacedOn: '2026-01-02' });
    expect((await first.previous())?.before.entries.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(await first.entries()).toEqual(entries);
  });
});

describe('the browser’s database', () => {
  it('says that a newer Lomvik has been here, and changes nothing', async () => {
    const db = await openDB('newer', DATABASE_VERSION + 1, {
      upgrade: (fresh) => void fresh.createObjectStore('entries', { keyPath: 'seq' }),
    });
    await db.put('entries', { seq: 1, id: 'kept' });
    db.close();
    const store = idbStore('newer');
    await expect(store.open()).rejects.toMatchObject({
      reason: 'newer',
      message: expect.stringContaining('newer Lomvik'),
    });
    store.close();
    const again = await openDB('newer');
    expect(await again.getAll('entries')).toEqual([{ seq: 1, id: 'kept' }]);
    again.close();
  });

  it('asks for strict durability', async () => {
    const seen: unknown[] = [];
    const original = IDBDatabase.prototype.transaction;
    IDBDatabase.prototype.transaction = function (stores, mode, options) {
      if (mode === 'readwrite') seen.push(options);
      return original.call(this, stores, mode, options);
    };
    const store = idbStore('strict');
    await store.commit([note('a')]);
    store.close();
    IDBDatabase.prototype.transaction = original;
    expect(seen).toEqual([{ durability: 'strict' }]);
  });

  it.each([
    ['QuotaExceededError', 'quota', 'Nothing was lost'],
    ['VersionError', 'newer', 'newer Lomvik'],
    ['SecurityError', 'unavailable', 'private windows'],
    ['AbortError', 'failed', 'Nothing was lost'],
  ])('words %s for a keeper', (name, reason, words) => {
    const error = asStoreError(Object.assign(new Error('raw'), { name }));
    expect(error).toMatchObject({ reason, message: expect.stringContaining(words) });
  });
});
