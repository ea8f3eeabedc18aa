import { cameAs, catalogue } from '@/testing/tabs';
import { at, begun, came, died, draft, entry, list, made, put, renamed, tank } from '@/testing/twoRooms';
import { atOnce, type TankId } from '../kernel';
import type { RoomDocument } from '../records';
import type { Dated } from '../events';
import { mergeLook } from './mergeLook';
import { mergeRooms, type RoomContents } from './mergeRooms';
import { settle } from './settle';

const NOW = at(28);

const met = (mine: RoomContents, theirs: RoomContents) => {
  const settled = atOnce(settle(mergeRooms(mine, theirs), mine, theirs, { catalogue, now: NOW }));
  return { settled, look: mergeLook(mine, theirs, settled) };
};
describe('a file of the same room', () => {
  it('with nothing new says so', () => {
    const { look } = met(begun, begun);
    expect(look).toMatchObject({
      nothingNew: true,
      entriesIn: 0,
      entriesOut: 0,
      parts: [],
      aside: [],
      stranger: false,
    });
  });
  it('brings its entries, in the order in which they were written, and takes none away', () => {
    const mine = {
      ...begun,
      entries: [came, entry('test', 5, { type: 'tested', on: at(5), tank: 'T' as TankId, note: '' })],
    };
    const theirs = {
      ...begun,
      entries: [came, entry('note', 3, { type: 'tested', on: at(3), tank: 'T' as TankId, note: '' })],
    };
    const { settled, look } = met(mine, theirs);
    expect(settled.entries.map(({ id, seq }) => `${seq} ${id}`)).toEqual(['1 came', '2 note', '3 test']);
    expect(look).toMatchObject({ entriesIn: 1, entriesOut: 1, nothingNew: false });
  });
  it('names each part that differs, and whose saying stands', () => {
    const { settled, look } = met(
      { ...begun, documents: [renamed('Reed', 9), draft] },
      { ...begun, documents: [renamed('Sedge', 12), draft] },
    );
    expect(look.parts).toEqual([
      {
        kind: 'tank',
        name: 'Sedge',
        tank: '',
        species: '',
        path: 'name',
        mine: 'Reed',
        theirs: 'Sedge',
        stands: 'theirs',
      },
    ]);
    expect(settled.documents.find(({ id }) => id === 'T')?.body).toMatchObject({ name: 'Sedge' });
  });
  it('of another room altogether is told apart', () => {
    const other: RoomContents = {
      documents: [made('X')],
      entries: [entry('else', 2, { ...cameAs('b', at(2)), tank: 'X' as TankId } as Dated)],
    };
    expect(met(begun, other).look.stranger).toBe(true);
    expect(met(begun, { ...begun, entries: [came, died('d', 4)] }).look.stranger).toBe(false);
  });
});

describe('what contradicts', () => {
  it('is set aside with its reason: fish that left twice leave once', () => {
    const { settled, look } = met(
      { ...begun, entries: [came, died('here', 5)] },
      { ...begun, entries: [came, died('there', 4)] },
    );
    expect(settled.entries.map(({ id }) => id)).toEqual(['came', 'there']);
    expect(look.aside).toMatchObject([{ what: 'entry', raw: { id: 'here' }, why: [{ path: 'count' }] }]);
  });
  it('within one document is settled by who spoke last: more males than fish', () => {
    const mine = {
      ...begun,
      documents: [tank, put({ ...draft, body: list(4, 4) } as RoomDocument, 5, draft)],
    };
    const theirs = {
      ...begun,
      documents: [tank, put({ ...draft, body: list(1, 2) } as RoomDocument, 8, draft)],
    };
    for (const { settled } of [met(mine, theirs), met(theirs, mine)]) {
      const merged = settled.documents.find(({ id }) => id === 'draft-T');
      expect(merged?.body).toEqual(list(1, 2));
      expect(settled.aside).toEqual([]);
    }
  });
  it('comes in after all once it makes sense: what was set aside is looked at again', () => {
    const alone: RoomContents = { documents: [tank], entries: [], aside: [died('early', 6)] };
    const { settled } = met(alone, begun);
    expect(settled.entries.map(({ id }) => id)).toEqual(['came', 'early']);
    expect(settled.aside).toEqual([]);
  });
});
