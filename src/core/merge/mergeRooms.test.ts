import { at, begun, came, died, draft, entry, made, put, renamed, tank } from '@/testing/twoRooms';
import type { DocumentId, TankId } from '../kernel';
import { DEFAULT_SETTINGS, documentOf, type RoomDocument } from '../records';
import type { Entry } from '../events';
import { mergeRooms, type RoomContents } from './mergeRooms';

const tested = (id: string, day: number, note = ''): Entry =>
  entry(id, day, { type: 'tested', on: at(day), tank: 'T' as TankId, note });
const holding = (entries: readonly Entry[], documents: readonly RoomDocument[] = []): RoomContents => ({
  documents,
  entries,
});
const order = ({ entries }: RoomContents): readonly string[] => entries.map(({ id, seq }) => `${seq} ${id}`);
/** Both ways round: it must not matter who asks. */
const bothWays = (a: RoomContents, b: RoomContents): RoomContents => {
  const merged = mergeRooms(a, b);
  expect(mergeRooms(b, a)).toEqual(merged);
  return merged;
};

describe('two rooms as one', () => {
  it('entries of one moment stand by their identity, whichever room has which', () => {
    const [a, b, c] = [tested('a', 4), tested('b', 4), tested('c', 4)];
    expect(order(bothWays(holding([b]), holding([c, a])))).toEqual(['1 a', '2 b', '3 c']);
  });
  it('entries stand by the moment of writing, not by identity', () => {
    expect(order(bothWays(holding([tested('a', 9)]), holding([tested('z', 2)])))).toEqual(['1 z', '2 a']);
  });
  it('an entry that both have is there once, whatever its place', () => {
    const here = { ...tested('same', 4), seq: 17 };
    expect(mergeRooms(holding([here]), holding([tested('same', 4)])).entries).toEqual([
      { ...tested('same', 4), seq: 1 },
    ]);
  });
  it('of an entry that a damaged file has otherwise, the same one stands whoever asks', () => {
    const [one, other] = [tested('x', 4, 'clear'), tested('x', 4, 'cloudy')];
    const merged = bothWays(holding([one]), holding([other]));
    expect(merged.entries).toHaveLength(1);
    expect(['clear', 'cloudy']).toContain((merged.entries[0] as { note?: string }).note);
  });
  it('documents stand by their identity, with the higher of two revisions', () => {
    const [a, z] = [made('A'), made('Z')];
    const merged = bothWays(holding([], [{ ...tank, rev: 3 }, a]), holding([], [z, { ...tank, rev: 8 }]));
    expect(merged.documents.map(({ id, rev }) => `${id} ${rev}`)).toEqual(['A 1', 'T 8', 'Z 1']);
  });
  it('a part that was said later stands', () => {
    const merged = bothWays(holding([], [renamed('Reed', 9)]), holding([], [renamed('Sedge', 12)]));
    expect(merged.documents[0]?.body).toMatchObject({ name: 'Sedge' });
  });
  it('of one identity with two kinds, the same one stands whoever asks, whole', () => {
    const other = put(documentOf('settings', 'T' as DocumentId, DEFAULT_SETTINGS), 20);
    const merged = bothWays(holding([], [tank]), holding([], [other]));
    expect([tank, other]).toContainEqual(merged.documents[0]);
  });
});

describe('what was set aside', () => {
  it('comes in when it can be read by itself: entries and documents, in the order of writing', () => {
    const merged = mergeRooms({ ...holding([died('d', 9)]), aside: [came, draft] }, holding([], [tank]));
    expect(order(merged)).toEqual(['1 came', '2 d']);
    expect(merged.documents.map(({ id }) => id)).toEqual(['T', 'draft-T']);
  });
  it('gives way to what the room has under the same identity', () => {
    const [older, newer] = [tested('x', 4, 'old'), tested('x', 4, 'new')];
    const aside = [older, { ...tank, body: { ...tank.body, name: 'Old' } }];
    const merged = mergeRooms({ documents: [tank], entries: [newer], aside }, holding([]));
    expect(merged.entries).toEqual([{ ...newer, seq: 1 }]);
    expect(merged.documents).toEqual([tank]);
  });
  it('is passed over where it is no record at all', () => {
    const merged = mergeRooms({ ...begun, aside: ['torn', null, { id: 'x' }] }, begun);
    expect(merged).toEqual({ documents: [tank, draft], entries: [came] });
  });
});
