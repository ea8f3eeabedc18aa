import { at, begun, came, died, draft, entry, list, made, put, renamed, tank } from '@/testing/twoRooms';
import { cameAs } from '@/testing/tabs';
import type { DocumentId, TankId } from '../kernel';
import { DEFAULT_SETTINGS, documentOf, type RoomDocument } from '../records';
import type { Dated } from '../events';
import { mergeLook } from './mergeLook';
import { mergeRooms, type RoomContents } from './mergeRooms';

/** A look at two rooms whose merged whole makes sense. */
const look = (mine: RoomContents, theirs: RoomContents) =>
  mergeLook(mine, theirs, { ...mergeRooms(mine, theirs), aside: [] });
const NOTHING: RoomContents = { documents: [], entries: [] };
const settings = (keeper: string, day: number): RoomDocument =>
  put(documentOf('settings', 'settings' as DocumentId, { ...DEFAULT_SETTINGS, keeper }), day);
const gone = put({ ...tank, body: null }, 6, tank);
const elsewhere = entry('else', 2, { ...cameAs('b', at(2)), tank: 'X' as TankId } as Dated);

describe('a room that holds nothing yet', () => {
  it.each<[string, RoomContents, boolean]>([
    ['nothing at all', NOTHING, true],
    ['settings only', { documents: [settings('Maren', 2)], entries: [] }, true],
    ['a tank that was removed', { documents: [gone], entries: [] }, true],
    ['a tank', { documents: [tank], entries: [] }, false],
    ['settings and a tank', { documents: [settings('Maren', 2), tank], entries: [] }, false],
    ['an entry that is set aside', { ...NOTHING, aside: [came] }, false],
    ['nothing set aside', { ...NOTHING, aside: [] }, true],
    ['an entry', { documents: [], entries: [came] }, false],
  ])('%s', (_name, mine, isEmpty) => {
    expect(look(mine, begun)).toMatchObject({ emptyHere: isEmpty });
  });
});

describe('another room altogether', () => {
  const other: RoomContents = { documents: [made('X'), settings('Ida', 3)], entries: [elsewhere] };
  it.each<[string, RoomContents, RoomContents, boolean]>([
    ['nothing in common but settings', { ...begun, documents: [tank, settings('Maren', 2)] }, other, true],
    ['a room without entries is no stranger to any', { ...begun, entries: [] }, other, false],
    ['one tank in common', begun, { ...other, documents: [tank, made('X')] }, false],
    ['one entry in common', begun, { ...other, entries: [came, elsewhere] }, false],
  ])('%s', (_name, mine, theirs, stranger) => {
    expect(look(mine, theirs)).toMatchObject({ stranger });
  });
});

describe('what comes in', () => {
  it('counts documents that are not here, but none that was removed there', () => {
    const removed = { ...gone, id: 'Y' as DocumentId } as RoomDocument;
    expect(look(begun, { ...begun, documents: [tank, made('X'), removed] })).toMatchObject({
      documentsIn: 1,
      nothingNew: false,
    });
  });
  it('counts entries either way', () => {
    const mine = { ...begun, entries: [came, died('d', 4)] };
    expect(look(mine, begun)).toMatchObject({ entriesIn: 0, entriesOut: 1, nothingNew: true });
  });
  it('is nothing new where all that differs stands as it is here', () => {
    expect(look({ ...begun, documents: [renamed('Reed', 9), draft] }, begun)).toMatchObject({
      nothingNew: true,
      parts: [{ path: 'name', mine: 'Reed', theirs: 'Fen', stands: 'mine' }],
    });
    expect(look(begun, { ...begun, documents: [renamed('Reed', 9), draft] })).toMatchObject({
      nothingNew: false,
      parts: [{ path: 'name', mine: 'Fen', theirs: 'Reed', stands: 'theirs' }],
    });
  });
});

describe('parts that differ', () => {
  it('name the place within groups, by the key of the group, with its species and the tank', () => {
    const theirs = put({ ...draft, body: list(1, 9) } as RoomDocument, 8, draft);
    expect(look(begun, { ...begun, documents: [theirs] }).parts).toEqual([
      {
        kind: 'draft',
        name: 'List',
        tank: 'Fen',
        species: 'pterophyllum-scalare',
        path: 'groups[g].group.count',
        mine: 4,
        theirs: 9,
        stands: 'theirs',
      },
    ]);
  });
  it('of one of two groups name its own species', () => {
    const groupsOf = (count: number) => ({
      ...list(1, 4),
      groups: [
        { key: 'g1', group: { species: 'danio-rerio', count: 8 } },
        { key: 'g2', group: { species: 'corydoras-aeneus', count } },
      ],
    });
    const mine = put({ ...draft, body: groupsOf(6) } as RoomDocument, 2, draft);
    const theirs = put({ ...mine, body: groupsOf(7) } as RoomDocument, 4, mine);
    expect(look({ ...begun, documents: [mine] }, { ...begun, documents: [theirs] }).parts).toMatchObject([
      { path: 'groups[g2].group.count', species: 'corydoras-aeneus', tank: '' },
    ]);
  });
  it('of a group that was left out there name its species, and no tank that is not there', () => {
    const theirs = put({ ...draft, body: { ...list(1, 4), groups: [] } } as RoomDocument, 8, draft);
    const alone = { ...begun, documents: [draft] };
    const [part] = look(alone, { ...begun, documents: [theirs] }).parts;
    expect(part).toMatchObject({ tank: '', species: 'pterophyllum-scalare', theirs: undefined });
  });
  it('of a document without a name have none', () => {
    const mine = { ...begun, documents: [settings('Maren', 2)] };
    const { parts } = look(mine, { ...begun, documents: [settings('Ida', 5)] });
    expect(parts).toEqual([
      {
        kind: 'settings',
        name: '',
        tank: '',
        species: '',
        path: 'keeper',
        mine: 'Maren',
        theirs: 'Ida',
        stands: 'theirs',
      },
    ]);
  });
  it('of a document that was removed are the whole and what it held', () => {
    const { parts } = look(begun, { ...begun, documents: [gone] });
    expect(parts.find(({ path }) => path === '')).toMatchObject({ name: '', theirs: null, stands: 'theirs' });
    expect(parts.find(({ path }) => path === 'name')).toMatchObject({ mine: 'Fen', theirs: undefined });
  });
  it('are none where two kinds bear one identity', () => {
    const other = put(documentOf('settings', 'T' as DocumentId, DEFAULT_SETTINGS), 20);
    expect(look(begun, { ...begun, documents: [other] }).parts).toEqual([]);
  });
  it('are none for what nobody here has heard of', () => {
    expect(look({ ...begun, documents: [tank] }, begun).parts).toEqual([]);
  });
  it('leave out the mere order of groups', () => {
    const groups = [...list(1, 4).groups, { ...list(1, 4).groups[0]!, key: 'h' }];
    const two = put({ ...draft, body: { ...list(1, 4), groups } } as RoomDocument, 2, draft);
    const turned = put(
      { ...two, body: { ...two.body, groups: groups.toReversed() } } as RoomDocument,
      4,
      two,
    );
    expect(look({ ...begun, documents: [two] }, { ...begun, documents: [turned] }).parts).toEqual([]);
  });
});
