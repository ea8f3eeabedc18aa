import 'fake-indexeddb/auto';
import { deleteDB, openDB } from 'idb';
import { openSession } from '@/session/session';
import type { Session } from '@/session/types';
import { append, catalogue, counter, ready, tankPut } from '@/testing/tabs';
import old from '@/testing/fixtures/databaseVersion1.json';
import { idbStore } from './idb/idbStore';
import { DATABASE_MIGRATIONS, DATABASE_VERSION } from './idb/migrations';
import type { RoomStore } from './port';

let rooms = 0;
const fresh = (): string => `damage-${(rooms += 1)}`;
const session = (store: RoomStore, tab = 'a'): Promise<Session> =>
  ready(openSession({ store, catalogue, stamp: counter(`${tab}-${(opened += 1)}-`), tab })).then((one) => {
    sessions.push(one);
    return one;
  });
let opened = 0;
const sessions: Session[] = [];
afterEach(() => {
  for (const one of sessions.splice(0)) one.close();
});

/** Waits for what happens behind the screen. */
async function until(holds: () => boolean): Promise<void> {
  for (let i = 0; i < 400 && !holds(); i += 1) await new Promise((resolve) => setTimeout(resolve, 5));
  expect(holds()).toBe(true);
}

/** A database as the first round wrote it, with what is given in it. */
async function version1(
  name: string,
  documents: readonly unknown[],
  entries: readonly unknown[],
  snapshot?: unknown,
) {
  const db = await openDB(name, 1, {
    upgrade: (made) => {
      made.createObjectStore('entries', { keyPath: 'seq' }).createIndex('id', 'id', { unique: true });
      made.createObjectStore('documents', { keyPath: 'id' });
      made.createObjectStore('snapshots');
    },
  });
  for (const document of documents) await db.put('documents', document);
  for (const entry of entries) await db.put('entries', entry);
  if (snapshot !== undefined) await db.put('snapshots', snapshot, 'room');
  db.close();
}
const named = (one: Session): readonly string[] =>
  Object.values(one.state.getState().documents)
    .flatMap((document) => (document.kind === 'tank' && document.body ? [document.body.name] : []))
    .sort();

describe('an old database', () => {
  it('has steps from nothing upward, without a gap', () => {
    expect(DATABASE_MIGRATIONS.map(({ to }) => to)).toEqual([1, 2, 3]);
    expect(DATABASE_VERSION).toBe(3);
  });
  it('of the first round opens whole: every document, every entry, the room as it was', async () => {
    const name = fresh();
    await version1(name, old.documents, old.entries, old.snapshot);
    const one = await session(idbStore(name));
    const { entries, aside, room } = one.state.getState();
    expect(named(one)).toEqual(['Fen', 'Nursery', 'Quay', 'Skerry']);
    expect(entries?.map(({ id }) => id)).toEqual(old.entries.map(({ id }) => id));
    expect(aside).toEqual([]);
    const written = (entries ?? []).map(({ recorded }) => recorded);
    expect(written.every((moment, i) => i === 0 || moment > written[i - 1]!)).toBe(true);
    expect(Object.keys(room.residents).length).toBeGreaterThan(5);
    // Lifted documents are changed and merged as any other.
    const outcome = await one.run('a tank more', [tankPut('N', 'Ness')]);
    expect(outcome.kind).toBe('done');
    const again = await session(idbStore(name));
    expect(named(again)).toContain('Ness');
  });
  it('that is newer than this Lomvik is left alone', async () => {
    const name = fresh();
    (await openDB(name, DATABASE_VERSION + 1)).close();
    const one = await session(idbStore(name));
    expect(one.state.getState()).toMatchObject({
      status: 'failed',
      failure: expect.stringContaining('newer'),
    });
  });
});

describe('a damaged record', () => {
  const tank = old.documents.find(({ kind }) => kind === 'tank')!;
  const arrival = old.entries.find(({ type }) => type === 'came')!;
  it.each([
    ['a tank with an empty body', { ...tank, body: {} }, 'document'],
    ['a tank without its name', { ...tank, body: { ...tank.body, name: undefined } }, 'document'],
    ['a tank of letters', { ...tank, body: { ...tank.body, tank: 'glass' } }, 'document'],
    ['a kind of document that nobody knows', { ...tank, kind: 'aquascape' }, 'document'],
    ['a document of a newer version', { ...tank, v: 99 }, 'document'],
  ])('%s is set aside, and the rest of the room works', async (_name, broken, what) => {
    const name = fresh();
    const rest = old.documents.filter(({ id }) => id !== tank.id);
    await version1(name, [broken, ...rest], old.entries, old.snapshot);
    const one = await session(idbStore(name));
    expect(one.state.getState().status).toBe('ready');
    expect(named(one)).toHaveLength(3);
    expect(one.state.getState().aside).toMatchObject([{ what, raw: { id: tank.id } }]);
    // It is still there after the next opening, and can be removed.
    const again = await session(idbStore(name));
    expect(again.state.getState().aside).toHaveLength(1);
    await again.dropAside(again.state.getState().aside[0]!.key);
    expect((await session(idbStore(name))).state.getState().aside).toEqual([]);
  });
  it.each([
    ['an arrival without its members', { ...arrival, members: null }],
    [
      'a replacement of letters',
      {
        id: 'c1',
        type: 'corrected',
        on: arrival.on,
        recorded: arrival.on,
        target: arrival.id,
        replacement: 7,
      },
    ],
    [
      'a replacement without a day',
      {
        id: 'c1',
        type: 'corrected',
        on: arrival.on,
        recorded: arrival.on,
        target: arrival.id,
        replacement: { type: 'noted', tank: null, text: 'x' },
      },
    ],
    [
      'a replacement of nothing',
      {
        id: 'c1',
        type: 'corrected',
        on: arrival.on,
        recorded: arrival.on,
        target: arrival.id,
        replacement: {},
      },
    ],
    ['a type named constructor', { ...arrival, id: 'x1', type: 'constructor' }],
  ])('%s is set aside, and the rest of the journal is read', async (_name, broken) => {
    const name = fresh();
    const entries = old.entries.filter(({ id }) => id !== (broken as { id: string }).id);
    await version1(name, old.documents, [...entries, { ...broken, seq: 500 }]);
    const one = await session(idbStore(name));
    await until(() => one.state.getState().aside.length === 1);
    expect(one.state.getState().entries).toHaveLength(entries.length);
    expect(one.state.getState().aside).toMatchObject([{ what: 'entry', raw: { seq: 500 } }]);
    const again = await session(idbStore(name));
    expect(again.state.getState().room).toEqual(one.state.getState().room);
    expect(again.state.getState().aside).toHaveLength(1);
  });
  it('that stood last, under a snapshot, does not make the room look gone', async () => {
    const name = fresh();
    const last = { ...arrival, id: 'last', seq: 500, members: null };
    await version1(name, old.documents, [...old.entries, last], { ...old.snapshot, seq: 500 });
    const one = await session(idbStore(name));
    const other = await session(idbStore(name), 'b');
    await until(() => one.state.getState().aside.length === 1);
    const note = (by: Session, text: string) =>
      by.run(text, [append(by, { type: 'noted', on: '2026-06-02T10:00:00.000Z', tank: null, text })]);
    expect((await note(one, 'first')).kind).toBe('done');
    expect((await note(other, 'second')).kind).toBe('done');
    const said = (by: Session): readonly string[] =>
      (by.state.getState().entries ?? []).flatMap((entry) => (entry.type === 'noted' ? [entry.text] : []));
    await until(() => said(one).includes('second') && said(other).includes('first'));
    expect([one.state.getState().trouble, other.state.getState().trouble]).toEqual([null, null]);
  });
  it('a snapshot of letters is made anew', async () => {
    for (const snapshot of [
      'x',
      null,
      { seq: 4 },
      { seq: 4, lastOn: 'x', room: { residents: [], tanks: {}, loose: 1 } },
    ]) {
      const name = fresh();
      await version1(name, old.documents, old.entries, snapshot);
      const one = await session(idbStore(name));
      expect(Object.keys(one.state.getState().room.residents).length).toBeGreaterThan(5);
    }
  });
});

describe('storage that goes away', () => {
  it('deleted under the open page: said, kept on the page, and never begun anew', async () => {
    const name = fresh();
    await version1(name, old.documents, old.entries);
    const one = await session(idbStore(name));
    await deleteDB(name);
    await until(() => one.state.getState().trouble !== null);
    expect(one.state.getState().trouble).toMatch(/no longer in this browser.*save it now/);
    expect(one.state.getState()).toMatchObject({ status: 'ready' });
    expect(named(one)).toHaveLength(4);
    await expect(one.run('a tank more', [tankPut('N')])).rejects.toMatchObject({ reason: 'gone' });
    expect((await indexedDB.databases()).map((db) => db.name)).not.toContain(name);
  });
  it('cleared under the open page: the next write says so, and does not pretend', async () => {
    const name = fresh();
    await version1(name, old.documents, old.entries);
    const one = await session(idbStore(name));
    const db = await openDB(name);
    await db.clear('entries');
    await db.clear('documents');
    db.close();
    await expect(
      one.run('a note', [
        append(one, { type: 'noted', on: '2026-06-02T10:00:00.000Z', tank: null, text: 'x' }),
      ]),
    ).rejects.toMatchObject({ reason: 'gone' });
    expect(one.state.getState().trouble).toMatch(/save it now/);
  });
  it('that never answers is given up, in words', async () => {
    jest.useFakeTimers();
    const store = idbStore(fresh());
    const silent = { ...store, open: () => new Promise<never>(() => {}) };
    const one = openSession({ store: silent, catalogue, stamp: counter('s') });
    await jest.advanceTimersByTimeAsync(25_000);
    jest.useRealTimers();
    store.close();
    expect(one.state.getState()).toMatchObject({
      status: 'failed',
      failure: expect.stringContaining('does not answer'),
    });
  });
});
