import fc from 'fast-check';
import { canonicalJson } from '@/core/kernel/schema/canonicalJson';
import { correctionOf, type Change } from '@/core/gate/change';
import type { Dated } from '@/core/events/events';
import { roomAt } from '@/core/events/roomAt';
import type { DocumentId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import { memoryStore } from '@/store/memory/memoryStore';
import type { Announcement } from '@/store/port';
import {
  append,
  cameAs as came,
  catalogue,
  counter,
  openTab as open,
  placeWithTanks,
  ready,
} from '@/testing/tabs';
import { openSession } from './session';

/** Things that can happen to three residents, sensible or not. */
const happening: fc.Arbitrary<Dated> = fc
  .record({
    kind: fc.constantFrom('came', 'moved', 'died', 'measured', 'named', 'watched'),
    who: fc.constantFrom('a', 'b', 'c'),
    day: fc.integer({ min: 1, max: 28 }),
    n: fc.integer({ min: 1, max: 5 }),
  })
  .map(({ kind, who, day, n }): Dated => {
    const on = `2026-04-${String(day).padStart(2, '0')}T10:00:00.000Z`;
    const resident = who as ResidentId;
    switch (kind) {
      case 'came':
        return came(who, on, n);
      case 'moved':
        return { type: 'moved', on, resident, tank: (n % 2 === 0 ? 'T' : 'U') as TankId, note: '' };
      case 'died':
        return { type: 'died', on, resident, count: n, how: 'found', cause: '', note: '' };
      case 'measured':
        return { type: 'measured', on, resident, lengthCm: n };
      case 'named':
        return { type: 'named', on, resident, name: `n${n}` };
      default:
        return { type: 'watched', on, tank: 'T' as TankId, minutes: n, note: '' };
    }
  });

describe('a session', () => {
  it('shows the same room as a replay of the journal, whatever happens, undone or redone', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.oneof(happening, fc.constantFrom('undo' as const, 'redo' as const)), { maxLength: 25 }),
        async (steps) => {
          const place = await placeWithTanks();
          const session = await open(place);
          for (const step of steps) {
            if (step === 'undo') await session.undo();
            else if (step === 'redo') await session.redo();
            else await session.run('step', [append(session, step)]);
          }
          expect(canonicalJson(session.state.getState().room)).toBe(canonicalJson(roomAt(place.entries)));
          const again = await open(place, 'z');
          expect(canonicalJson(again.state.getState().room)).toBe(
            canonicalJson(session.state.getState().room),
          );
        },
      ),
      { numRuns: 60 },
    );
  });

  it('undo brings back the room and the documents as they were, redo does it again', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(happening, { minLength: 1, maxLength: 8 }), async (steps) => {
        const session = await open(await placeWithTanks());
        const pictures = [canonicalJson(session.state.getState().room)];
        for (const step of steps) {
          const outcome = await session.run('step', [append(session, step)]);
          if (outcome.kind === 'done') pictures.push(canonicalJson(session.state.getState().room));
        }
        for (let i = pictures.length - 2; i >= 0; i -= 1) {
          expect((await session.undo()).kind).toBe('done');
          expect(canonicalJson(session.state.getState().room)).toBe(pictures[i]);
        }
        expect(await session.undo()).toEqual({ kind: 'nothing' });
        for (let i = 1; i < pictures.length; i += 1) {
          expect((await session.redo()).kind).toBe('done');
          expect(canonicalJson(session.state.getState().room)).toBe(pictures[i]);
        }
        expect(await session.redo()).toEqual({ kind: 'nothing' });
      }),
      { numRuns: 40 },
    );
  });

  it('takes a document back to what it said, and away when it was new', async () => {
    const session = await open(await placeWithTanks());
    const id = 'settings' as DocumentId;
    const put = (keeper: string): Change => ({
      kind: 'put',
      document: {
        id,
        kind: 'settings',
        rev: 1,
        body: { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH', keeper },
      },
    });
    await session.run('first', [put('one')]);
    await session.run('second', [put('two')]);
    await session.undo();
    expect(session.state.getState().documents[id]?.body).toMatchObject({ keeper: 'one' });
    await session.undo();
    expect(session.state.getState().documents[id]?.body).toBeNull();
    await session.redo();
    expect(session.state.getState().documents[id]?.body).toMatchObject({ keeper: 'one' });
    expect(session.state.getState().undoLabel).toBe('first');
  });

  it('keeps two tabs in step', async () => {
    const place = await placeWithTanks();
    const [first, second] = [await open(place, 'a'), await open(place, 'b')];
    await first.run('bring home', [append(first, came('x', '2026-04-02T10:00:00.000Z', 6))]);
    expect(second.state.getState().room.residents['x']?.count).toBe(6);
    await second.run('one dies', [
      append(second, {
        type: 'died',
        on: '2026-04-03T10:00:00.000Z',
        resident: 'x' as ResidentId,
        count: 1,
        how: 'found',
        cause: '',
        note: '',
      }),
    ]);
    expect(first.state.getState().room.residents['x']?.count).toBe(5);
    await second.undo();
    expect(first.state.getState().room.residents['x']?.count).toBe(6);
  });

  it('rebuilds a snapshot that disagrees with the journal', async () => {
    const place = await placeWithTanks();
    const session = await open(place);
    await session.run('bring home', [append(session, came('x', '2026-04-02T10:00:00.000Z', 6))]);
    place.snapshot = {
      seq: 1,
      lastOn: '2026-04-02T10:00:00.000Z',
      room: { residents: {}, tanks: {}, loose: [{ id: 'x', type: 'died', on: '2026-01-01', why: 'nobody' }] },
    };
    const again = await open(place, 'z');
    // The journal is folded behind the screen, with pauses.
    while (again.state.getState().room.residents['x'] === undefined)
      await new Promise((resolve) => setTimeout(resolve, 1));
    expect(again.state.getState().room.residents['x']?.count).toBe(6);
    expect(place.snapshot?.room.residents['x']?.count).toBe(6);
  });

  it('loses nothing that is committed while the journal is still being read', async () => {
    const place = await placeWithTanks();
    const first = await open(place);
    await first.run('bring home', [append(first, came('x', '2026-04-02T10:00:00.000Z', 6))]);
    place.snapshot = {
      seq: 1,
      lastOn: '2026-04-02T10:00:00.000Z',
      room: first.state.getState().room,
    };
    const store = memoryStore(place);
    let held: (() => void) | null = null;
    const slow = {
      ...store,
      entries: async (after?: number) => {
        const read = await store.entries(after);
        if (after === undefined && held === null) await new Promise<void>((resolve) => (held = resolve));
        return read;
      },
    };
    const session = openSession({ store: slow, catalogue, stamp: counter('slow') });
    while (session.state.getState().status !== 'ready')
      await new Promise((resolve) => setTimeout(resolve, 0));
    while (held === null) await new Promise((resolve) => setTimeout(resolve, 0));
    await session.run('another', [append(session, came('y', '2026-04-03T10:00:00.000Z', 2))]);
    (held as () => void)();
    expect((await session.journal()).map((entry) => entry.seq)).toEqual([1, 2]);
    expect(session.state.getState().entries).toHaveLength(2);
  });

  it('opens a journal of which nothing has been folded before, and one whose last entries happened earlier', async () => {
    const place = await placeWithTanks();
    const first = await open(place);
    for (const day of ['05', '03', '04'])
      await first.run('bring home', [append(first, came(`d${day}`, `2026-04-${day}T10:00:00.000Z`, 6))]);
    const shown = canonicalJson(first.state.getState().room);
    const again = await open(place, 'again');
    expect(canonicalJson(again.state.getState().room)).toBe(shown);
    place.snapshot = {
      seq: 1,
      lastOn: '2026-04-05T10:00:00.000Z',
      room: roomAt(place.entries.slice(0, 1)),
    };
    const third = await open(place, 'third');
    expect(canonicalJson(third.state.getState().room)).toBe(shown);
    await third.run('one more', [append(third, came('more', '2026-04-06T10:00:00.000Z'))]);
    expect(third.state.getState().entries).toHaveLength(4);
    expect(canonicalJson(third.state.getState().room)).toBe(canonicalJson(roomAt(place.entries)));
  });

  it('knows that a correction can move something to a later day', async () => {
    const place = await placeWithTanks();
    const session = await open(place);
    await session.run('in', [append(session, came('x', '2026-04-02T10:00:00.000Z'))]);
    const looked: Dated = {
      type: 'looked',
      on: '2026-04-20T10:00:00.000Z',
      tank: 'T' as TankId,
      hours: 2,
      seen: null,
      signs: [],
      note: '',
    };
    await session.run('corrected', [
      correctionOf(place.entries[0]!.id, '2026-04-02T10:00:00.000Z', looked, session.stamp),
    ]);
    // Between the two: it happened before the look, though it is written down after it.
    await session.run('in', [append(session, came('y', '2026-04-10T10:00:00.000Z'))]);
    expect(canonicalJson(session.state.getState().room)).toBe(canonicalJson(roomAt(place.entries)));
  });

  it('is told what another tab writes while it opens', async () => {
    const place = await placeWithTanks();
    const first = await open(place);
    await first.run('bring home', [append(first, came('x', '2026-04-02T10:00:00.000Z', 6))]);
    const store = memoryStore(place);
    let heard: (announcement: Announcement) => void = () => {};
    let held: (() => void) | null = null;
    const slow = {
      ...store,
      onAnnouncement: (listener: typeof heard) => {
        heard = listener;
        return () => {};
      },
      entries: async (after?: number) => {
        const read = await store.entries(after);
        if (held === null) await new Promise<void>((resolve) => (held = resolve));
        return read;
      },
    };
    const session = openSession({ store: slow, catalogue, stamp: counter('slow') });
    while (held === null) await new Promise((resolve) => setTimeout(resolve, 0));
    await first.run('another', [append(first, came('y', '2026-04-03T10:00:00.000Z', 2))]);
    heard({
      kind: 'committed',
      committed: { entries: place.entries.slice(1), documents: [], command: null },
    });
    (held as () => void)();
    await ready(session);
    expect(session.state.getState().room.residents['y']?.count).toBe(2);
    expect((await session.journal()).map((entry) => entry.seq)).toEqual([1, 2]);
  });

  it('says so when the storage does not answer a press, and shows what is written after all', async () => {
    const place = await placeWithTanks();
    const store = memoryStore(place);
    let answer = (): void => {};
    const silent: typeof store = {
      ...store,
      commit: async (...asked) => {
        await new Promise<void>((resolve) => (answer = resolve));
        return store.commit(...asked);
      },
    };
    const session = await ready(openSession({ store: silent, catalogue, stamp: counter('s') }));
    jest.useFakeTimers();
    try {
      const press = session.run('note', [append(session, came('x', '2026-04-03T10:00:00.000Z', 2))]);
      const said = expect(press).rejects.toThrow(/does not answer.*may yet be written/);
      await jest.advanceTimersByTimeAsync(30_000);
      await said;
      expect(session.state.getState().room.residents['x']).toBeUndefined();
      answer();
      await jest.advanceTimersByTimeAsync(10);
      expect(session.state.getState().room.residents['x']?.count).toBe(2);
    } finally {
      jest.useRealTimers();
    }
  });

  it('says in a sentence why it cannot open, and writes nothing', async () => {
    const store = memoryStore();
    const session = openSession({
      store: { ...store, open: () => Promise.reject(new Error('disk')) },
      catalogue,
      stamp: counter('e'),
    });
    await new Promise((resolve) => setTimeout(resolve, 0));
    expect(session.state.getState()).toMatchObject({
      status: 'failed',
      failure: expect.stringContaining('nothing was changed'),
    });
  });
});
