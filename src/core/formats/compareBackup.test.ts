import { demoRoom } from '@/demo/demoRoom';
import type { RoomDocument } from '../records';
import { compareBackup } from './compareBackup';

const demo = demoRoom('2026-05-20');
const [first, second] = demo.entries;
const tank = demo.documents.find(({ kind }) => kind === 'tank')!;
const nameless = demo.documents.find(
  ({ kind, body }) => kind !== 'tank' && body !== null && !('name' in body),
)!;
const room = (documents: readonly RoomDocument[], entries = [first!, second!]) => ({ documents, entries });
const named = (name: string): RoomDocument => ({ ...tank, body: { ...tank.body, name } }) as RoomDocument;
const gone = { ...tank, body: null } as RoomDocument;
const NONE = { added: [], changed: [], removed: [] };
const NO_ENTRY = { added: 0, changed: 0, removed: 0 };

describe('what a file would change in a room', () => {
  const now = room([tank, nameless]);
  it('is nothing where both say the same, whatever place, revision and moment they have', () => {
    const file = room([{ ...tank, rev: 99 }, nameless], [{ ...first!, seq: 77 }, second!]);
    expect(compareBackup(now, file)).toEqual({ documents: NONE, entries: NO_ENTRY, same: true });
  });
  it.each([
    [
      'added',
      room([]),
      room([tank]),
      { documents: { ...NONE, added: [`tank ${(tank.body as { name: string }).name}`] } },
    ],
    ['changed', room([tank]), room([named('Other')]), { documents: { ...NONE, changed: ['tank Other'] } }],
    ['removed', room([named('Old')]), room([]), { documents: { ...NONE, removed: ['tank Old'] } }],
    [
      'removed, of one without a name',
      room([nameless]),
      room([]),
      { documents: { ...NONE, removed: [nameless.kind] } },
    ],
  ])('is a document %s', (_what, before, after, changes) =>
    expect(compareBackup(before, after)).toEqual({ entries: NO_ENTRY, same: false, ...changes }),
  );
  it('is a document that comes or goes where a removed one is all that stood there', () => {
    expect(compareBackup(room([gone]), room([tank])).documents.added).toHaveLength(1);
    expect(compareBackup(room([tank]), room([gone])).documents.removed).toHaveLength(1);
    expect(compareBackup(room([gone]), room([])).same).toBe(true);
    expect(compareBackup(room([]), room([gone])).same).toBe(true);
    expect(compareBackup(room([gone]), room([gone])).same).toBe(true);
  });
  it.each([
    ['added', [first!], [first!, second!], { ...NO_ENTRY, added: 1 }],
    ['removed', [first!, second!], [second!], { ...NO_ENTRY, removed: 1 }],
    ['changed', [first!], [{ ...first!, on: '2020-01-01T00:00:00.000Z' }], { ...NO_ENTRY, changed: 1 }],
  ])('is an entry %s', (_what, before, after, entries) =>
    expect(compareBackup(room([], before), room([], after))).toEqual({
      documents: NONE,
      entries,
      same: false,
    }),
  );
});
