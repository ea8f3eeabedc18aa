import { cameAs, catalogue, tankPut } from '@/testing/tabs';
import { landDocument } from '../gate';
import { atOnce, type DocumentId, type EntryId, type ResidentId, type TankId } from '../kernel';
import { type DocumentBodies, documentOf, type RoomDocument } from '../records';
import type { Dated, Entry } from '../events';
import { mergeLook } from './mergeLook';
import { mergeRooms, type RoomContents } from './mergeRooms';
import { settle } from './settle';

const at = (day: number): string => `2027-03-${String(day).padStart(2, '0')}T12:00:00.000Z`;
const entry = (id: string, day: number, dated: Dated): Entry => ({
  ...dated,
  id: id as EntryId,
  seq: day,
  recorded: at(day),
});
const NOW = at(28);

/** A document that was changed on a day. */
function put(document: RoomDocument, day: number, current?: RoomDocument): RoomDocument {
  const landed = landDocument({ kind: 'put', document }, current, at(day));
  if (!landed.ok) throw new Error('not landed');
  return landed.document;
}
const made = (id: string): RoomDocument => {
  const change = tankPut(id, 'Fen');
  if (change.kind !== 'put') throw new Error('no document');
  return put(change.document, 1);
};
const tank = made('T');
const list = (males: number, count: number): DocumentBodies['draft'] => ({
  tank: 'T' as TankId,
  name: 'List',
  groups: [{ key: 'g', group: { species: 'pterophyllum-scalare', count, males } }],
});
const draft = put(documentOf('draft', 'draft-T' as DocumentId, list(1, 4)), 1);
const came = entry('came', 1, cameAs('shoal', at(1), 6));
const begun: RoomContents = { documents: [tank, draft], entries: [came] };

const met = (mine: RoomContents, theirs: RoomContents) => {
  const settled = atOnce(settle(mergeRooms(mine, theirs), mine, theirs, { catalogue, now: NOW }));
  return { settled, look: mergeLook(mine, theirs, settled) };
};
const renamed = (name: string, day: number): RoomDocument =>
  put({ ...tank, body: { ...tank.body, name } } as RoomDocument, day, tank);
const died = (id: string, day: number): Entry =>
  entry(id, day, {
    type: 'died',
    on: at(day),
    resident: 'shoal' as ResidentId,
    count: 6,
    how: 'found',
    cause: '',
    note: '',
  });

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
      { kind: 'tank', name: 'Sedge', path: 'name', mine: 'Reed', theirs: 'Sedge', stands: 'theirs' },
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
