import type { Change } from '@/core/gate/change';
import type { EntryId, TankId } from '@/core/kernel/schema/ids';
import { memoryPlace, memoryStore } from '@/store/memory/memoryStore';
import type { Helper } from '@/workers/workerLine';
import type { MirrorWork } from '@/workers/mirrorWork';
import { secondCopy, withCopy } from './secondCopy';

const append = jest.fn<Promise<void>, unknown[]>();
jest.mock('@/workers/startMirror', () => ({
  startMirror: (): Helper<Pick<MirrorWork, 'append'>> =>
    ({ thread: { terminate: () => undefined }, remote: { append } }) as never,
}));

const note = (id: string): Change => ({
  kind: 'append',
  entry: {
    id: id as EntryId,
    type: 'noted',
    on: '2026-01-01T10:00:00.000Z',
    recorded: '2026-01-01T10:00:00.000Z',
    tank: 'T' as TankId,
    text: 'x',
  },
});

const never = new Promise<void>(() => {});

/** A room with a second copy, another tab that hears of it, and how far a commit has come. */
function room() {
  const place = memoryPlace();
  const store = withCopy(memoryStore(place), secondCopy('own'));
  const heard: string[] = [];
  memoryStore(place).onAnnouncement((one) => {
    if (one.kind === 'committed') heard.push(...one.committed.entries.map(({ id }) => id));
  });
  const saved: string[] = [];
  const save = (id: string) => void store.commit([note(id)]).then(() => saved.push(id));
  return { store, heard, saved, save };
}
const after = (ms: number) => jest.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  jest.useFakeTimers();
  append.mockReset();
});
afterEach(() => jest.useRealTimers());

it('says that an entry is saved when it stands in the second copy too', async () => {
  let written = (): void => {};
  append.mockReturnValueOnce(new Promise<void>((resolve) => (written = resolve)));
  const { store, heard, saved, save } = room();
  save('a');
  await after(500);
  expect((await store.entries()).map(({ id }) => id)).toEqual(['a']);
  expect(append.mock.calls).toMatchObject([['own', { entries: [{ id: 'a' }], documents: [] }]]);
  expect([heard, saved]).toEqual([[], []]);
  written();
  await after(0);
  expect([heard, saved]).toEqual([['a'], ['a']]);
});

it('waits two seconds for a second copy that is silent, and then no more until it has answered', async () => {
  let written = (): void => {};
  append.mockReturnValueOnce(new Promise<void>((resolve) => (written = resolve))).mockReturnValue(never);
  const { heard, saved, save } = room();
  save('a');
  await after(1999);
  expect(saved).toEqual([]);
  await after(1);
  expect([heard, saved]).toEqual([['a'], ['a']]);
  save('b');
  await after(0);
  expect(saved).toEqual(['a', 'b']);
  written();
  await after(0);
  save('c');
  await after(1999);
  expect(saved).toEqual(['a', 'b']);
  await after(1);
  expect(saved).toEqual(['a', 'b', 'c']);
});

it('saves at once where the second copy cannot be written', async () => {
  append.mockRejectedValue(new Error('full'));
  const { heard, saved, save } = room();
  save('a');
  await after(0);
  expect([heard, saved]).toEqual([['a'], ['a']]);
});
