import { memoryFiles } from '@/testing/memoryFiles';
import { cameAs, tankPut } from '@/testing/tabs';
import type { EntryId } from '@/core/kernel';
import type { Entry } from '@/core/events';
import type { RoomDocument } from '@/core/records';
import type { RoomContents } from '@/core/merge';
import { mirrorOf } from './mirror';

const at = (n: number): string => new Date(Date.UTC(2027, 0, 1, 0, n)).toISOString();
const entry = (n: number): Entry => ({
  ...cameAs(`f${n}`, at(n), 3),
  id: `e${n}` as EntryId,
  seq: n,
  recorded: at(n),
});
const put = tankPut('T', 'Fen');
const tank = (put.kind === 'put' ? put.document : null) as RoomDocument;
const roomOf = (...ns: readonly number[]): RoomContents => ({ documents: [tank], entries: ns.map(entry) });
const seen = ({ documents, entries }: RoomContents) => ({
  counts: async () => ({ entries: entries.length, documents: documents.length }),
  contents: async () => ({ documents, entries }),
});
const NOTHING: RoomContents = { documents: [], entries: [] };
let clock = 1000;
const now = (): number => (clock += 1);

describe('the mirror of a room', () => {
  it('holds all that was committed, by two pages, and gives it back', async () => {
    const files = memoryFiles();
    const [one, other] = [mirrorOf(files, now, 'one'), mirrorOf(files, now, 'other')];
    expect(await one.compare(seen(roomOf(1)))).toBeNull();
    await one.append({ entries: [entry(2)], documents: [] });
    await other.append({
      entries: [entry(3)],
      documents: [{ ...tank, rev: 2, body: { ...tank.body, name: 'Reed' } } as RoomDocument],
    });
    const kept = await one.contents();
    expect(kept.entries.map(({ id }) => id)).toEqual(['e1', 'e2', 'e3']);
    expect(kept.documents).toHaveLength(1);
    expect(kept.documents[0]?.body).toMatchObject({ name: 'Reed' });
  });
  it('tells what a room lacks: all of it, a part of it, a plan; and nothing where nothing is lost', async () => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1)));
    await mirror.append({ entries: [entry(2)], documents: [] });
    expect(await mirror.compare(seen(NOTHING))).toEqual({
      entries: 2,
      documents: 1,
      lastOn: at(2),
      isWhole: true,
    });
    expect(await mirror.compare(seen(roomOf(1)))).toEqual({
      entries: 1,
      documents: 0,
      lastOn: at(2),
      isWhole: false,
    });
    expect(await mirror.compare(seen({ ...roomOf(1, 2), documents: [] }))).toMatchObject({
      entries: 0,
      documents: 1,
    });
    expect(await mirror.compare(seen(roomOf(1, 2)))).toBeNull();
    await mirror.append({ entries: [], documents: [{ ...tank, id: 'U' } as RoomDocument] });
    expect(await mirror.compare(seen(roomOf(1, 2)))).toMatchObject({ entries: 0, documents: 1 });
    await mirror.anew(roomOf(1, 2));
    // More than the mirror knows is no loss.
    expect(await mirror.compare(seen(roomOf(1, 2, 3)))).toBeNull();
  });
  it('counts nothing twice for long: a commit in the base and in a log is no loss', async () => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1, 2)));
    await mirror.append({ entries: [entry(2)], documents: [] });
    expect(await mirror.compare(seen(roomOf(1, 2)))).toBeNull();
    expect([...files.all.keys()]).toEqual([expect.stringMatching(/\.base\.2\.1$/)]);
  });
  it('does not mourn what a file replaced, nor what the keeper did without', async () => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1, 2, 3)));
    await mirror.anew(roomOf(4));
    expect(await mirror.compare(seen(roomOf(4)))).toBeNull();
    expect((await mirror.contents()).entries.map(({ id }) => id)).toEqual(['e4']);
    expect([...files.all.keys()]).toHaveLength(1);
  });
  it('reads a log that was cut off in the middle of a line up to there', async () => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1)));
    await mirror.append({ entries: [entry(2)], documents: [] });
    await mirror.append({ entries: [entry(3)], documents: [] });
    const log = [...files.all.keys()].find((name) => name.includes('.log.'))!;
    files.all.set(log, files.all.get(log)!.slice(0, -20));
    expect((await mirror.contents()).entries.map(({ id }) => id)).toEqual(['e1', 'e2']);
  });
  it('passes over a line that is damaged, and no others with it', async () => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1)));
    for (const n of [2, 3, 4]) await mirror.append({ entries: [entry(n)], documents: [] });
    const log = [...files.all.keys()].find((name) => name.includes('.log.'))!;
    const lines = files.all.get(log)!.split('\n');
    files.all.set(log, [lines[0], '{"entries":7}', `#${lines[1]}`, ...lines.slice(2)].join('\n'));
    expect((await mirror.contents()).entries.map(({ id }) => id)).toEqual(['e1', 'e2', 'e4']);
  });
  it.each([
    ['lacks an entry', (text: string) => text, [1, 2, 3]],
    ['is cut off', (text: string) => text.slice(0, text.length >> 1), [1, 2]],
    ['has another shape', (text: string) => text.replaceAll('"documents"', '"papers"'), [1, 2]],
  ])('is written anew when it %s itself', async (_, spoil, room) => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1, 2)));
    const [base] = [...files.all.keys()];
    files.all.set(base!, spoil(files.all.get(base!)!));
    expect(await mirror.compare(seen(roomOf(...room)))).toBeNull();
    expect((await mirror.contents()).entries.map(({ id }) => id)).toEqual(room.map((n) => `e${n}`));
  });
  it.each([
    ['in the middle', (text: string) => text.slice(0, text.length >> 1)],
    ['before its first letter', () => ''],
  ])('gives back what stood before a base that was cut off %s', async (_, cut) => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1)));
    await mirror.append({ entries: [entry(2)], documents: [] });
    // The browser dies while a new base is written, and its database with it.
    const before = new Map(files.all);
    await mirror.anew(roomOf(1, 2));
    const [base] = [...files.all.keys()];
    files.all.set(base!, cut(files.all.get(base!)!));
    for (const [name, text] of before) files.all.set(name, text);
    expect(await mirror.compare(seen(NOTHING))).toMatchObject({ entries: 2, documents: 1, isWhole: true });
    expect((await mirror.contents()).entries.map(({ id }) => id)).toEqual(['e1', 'e2']);
    // Where nothing was lost it is written anew, and one base is left.
    expect(await mirror.compare(seen(roomOf(1, 2)))).toBeNull();
    expect([...files.all.keys()]).toEqual([expect.stringMatching(/\.base\.2\.1$/)]);
  });
  it('is not caught up with a room that lost what it holds', async () => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    await mirror.compare(seen(roomOf(1, 2)));
    expect(await mirror.catchUp(seen(NOTHING))).toMatchObject({ entries: 2, documents: 1, isWhole: true });
    expect(await mirror.contents()).toEqual(roomOf(1, 2));
    expect(await mirror.catchUp(seen(roomOf(1, 2, 3)))).toBeNull();
    expect(await mirror.contents()).toEqual(roomOf(1, 2, 3));
  });
  it('passes over the log of a page that still holds it, and over foreign files', async () => {
    const files = memoryFiles();
    files.all.set('notes.txt', 'hello');
    const held = { ...files, remove: () => Promise.reject(new Error('in use')) };
    const mirror = mirrorOf(held, now, 'p');
    await mirror.compare(seen(roomOf(1)));
    await mirror.append({ entries: [entry(2)], documents: [] });
    await mirror.anew(roomOf(7));
    expect((await mirror.contents()).entries.map(({ id }) => id)).toEqual(['e7']);
  });
  it('is written anew when its logs have grown long', async () => {
    const files = memoryFiles();
    const mirror = mirrorOf(files, now, 'p');
    const many = Array.from({ length: 2300 }, (_, i) => i + 1);
    await mirror.compare(seen(roomOf(1)));
    for (let i = 1; i < 2300; i += 100)
      await mirror.append({ entries: many.slice(i, i + 100).map(entry), documents: [] });
    expect(await mirror.compare(seen(roomOf(...many)))).toBeNull();
    expect([...files.all.keys()]).toEqual([expect.stringMatching(/\.base\.2300\.1$/)]);
    expect((await mirror.contents()).entries).toHaveLength(2300);
  });
});
