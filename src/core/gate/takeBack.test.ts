import { cameAs, counter, tankPut } from '@/testing/tabs';
import type { Dated } from '../events';
import type { DocumentId, EntryId } from '../kernel';
import type { RoomDocument } from '../records';
import type { Change } from './change';
import { type CommandRecord, takeBack } from './command';
import { landDocument, TAKE_BACK } from './landDocument';

const NOON = '2027-03-05T12:00:00.000Z';
const LATER = '2027-03-06T12:00:00.000Z';
const came = cameAs('shoal', NOON, 6);
const more: Dated = { ...came, lengthCm: 5 } as Dated;
const command = (parts: Partial<CommandRecord>): CommandRecord => ({
  id: 'k',
  tab: 'a',
  label: 'x',
  at: NOON,
  stack: 'done',
  appended: [],
  corrected: [],
  puts: [],
  ...parts,
});
const back = (parts: Partial<CommandRecord>, now: Readonly<Record<string, Dated | null>>) =>
  takeBack(command(parts), { standing: (id) => now[id] ?? null }, counter('t', LATER));

describe('a command that is taken back', () => {
  const appended = [{ id: 'e1' as EntryId, on: NOON, said: came }];
  const corrected = [{ target: 'e2' as EntryId, on: NOON, before: came, after: more }];

  it('has its entries struck out and its corrections undone, the last first', () => {
    const answer = back({ appended, corrected }, { e1: came, e2: more });
    expect(answer.ok && answer.changes.map((change) => change.kind === 'append' && change.entry)).toEqual([
      { id: 't2', recorded: LATER, type: 'corrected', on: NOON, target: 'e2', replacement: came },
      { id: 't1', recorded: LATER, type: 'corrected', on: NOON, target: 'e1', replacement: null },
    ]);
  });

  it('is not where somebody has corrected one of its entries since', () => {
    expect(back({ appended }, { e1: more })).toEqual({ ok: false, what: 'entry' });
    expect(back({ corrected }, { e2: came })).toEqual({ ok: false, what: 'entry' });
    expect(back({ corrected }, {})).toEqual({ ok: false, what: 'entry' });
  });

  it('asks nothing of entries that are struck out already, nor of what an older Lomvik did not note', () => {
    expect(back({ appended }, {})).toEqual({ ok: true, changes: [] });
    expect(back({ appended: [{ id: 'e1' as EntryId, on: NOON, said: null }] }, { e1: more })).toMatchObject({
      ok: true,
      changes: [{ entry: { target: 'e1', replacement: null } }],
    });
  });

  it('brings documents back to what they said before, whatever came since', () => {
    const puts = [
      { id: 'T' as DocumentId, kind: 'tank', before: null, after: { name: 'Fen' } },
    ] as unknown as CommandRecord['puts'];
    expect(back({ puts }, {})).toEqual({
      ok: true,
      changes: [
        {
          kind: 'put',
          document: { id: 'T', kind: 'tank', body: null, rev: 1 },
          base: { id: 'T', kind: 'tank', body: { name: 'Fen' }, rev: TAKE_BACK },
        },
      ],
    });
  });
});

describe('a change that lands on a document', () => {
  type Put = Extract<Change, { kind: 'put' }>;
  const put = (document: RoomDocument, base?: RoomDocument | null): Put =>
    base === undefined ? { kind: 'put', document } : { kind: 'put', document, base };
  const landed = (change: Put, current?: RoomDocument, now = NOON): RoomDocument => {
    const answer = landDocument(change, current, now);
    if (!answer.ok) throw new Error('a conflict');
    return answer.document;
  };
  const fen = landed(put((tankPut('T', 'Fen') as Put).document));
  const said = (document: RoomDocument, parts: object): RoomDocument =>
    ({ ...document, body: { ...document.body, ...parts } }) as RoomDocument;

  it('counts revisions, and dates only what it changed', () => {
    expect(fen).toMatchObject({ rev: 1, v: 3, body: { name: 'Fen' } });
    const reed = landed(put(said(fen, { name: 'Reed' }), fen), fen, LATER);
    expect(reed).toMatchObject({ rev: 2, body: { name: 'Reed', purpose: 'display' } });
    expect(reed.clock?.at).toMatchObject({ '': NOON, name: LATER });
  });

  it('is merged, part by part, with what came in between', () => {
    const reed = landed(put(said(fen, { name: 'Reed' }), fen), fen);
    const second = landed(put(said(fen, { order: 7 }), fen), reed);
    expect(second).toMatchObject({ rev: 3, body: { name: 'Reed', order: 7 } });
  });

  it('does not land where both changed one part: the parts are named, what is kept stays', () => {
    const reed = landed(put(said(fen, { name: 'Reed' }), fen), fen);
    expect(landDocument(put(said(fen, { name: 'Sedge' }), fen), reed, LATER)).toEqual({
      ok: false,
      document: reed,
      conflicts: [{ path: 'name', mine: 'Sedge', theirs: 'Reed' }],
    });
  });

  it('takes the place of the whole where nobody says what it was made from', () =>
    expect(
      landed(put(said(fen, { name: 'Reed' })), said(fen, { name: 'Sedge', order: 9 })).body,
    ).toMatchObject({
      name: 'Reed',
      order: 1,
    }));

  it('that makes a document anew lands only where there is none', () => {
    expect(landDocument(put(said(fen, { name: 'Reed' }), null), fen, NOON).ok).toBe(false);
    expect(landDocument(put(said(fen, { name: 'Reed' }), null), { ...fen, body: null }, NOON).ok).toBe(true);
  });

  describe('of a command that is taken back', () => {
    const asBase = (document: RoomDocument): RoomDocument => ({ ...document, rev: TAKE_BACK });
    const none = (document: RoomDocument): RoomDocument => ({ ...document, body: null });
    const group = (key: string) => ({ key, group: { species: 'danio-rerio', count: 6 } });
    const list = (...keys: readonly string[]): RoomDocument =>
      ({
        id: 'd' as DocumentId,
        kind: 'draft',
        rev: 1,
        body: { tank: 'T', name: 'List', groups: keys.map(group) },
      }) as unknown as RoomDocument;

    it('removes what it made where nobody changed it', () =>
      expect(landed(put(none(fen), asBase(fen)), fen).body).toBeNull());

    it('leaves what others put into a list that it made', () => {
      const made = landed(put(list('mine')));
      const both = landed(put(list('mine', 'theirs'), made), made);
      expect(landed(put(none(made), asBase(made)), both).body).toMatchObject({ groups: [group('theirs')] });
    });

    it('removes for good, without more ado, when a keeper removes it', () => {
      const made = landed(put(list('mine')));
      expect(landed(put(none(made), made), made)).toMatchObject({ body: null, rev: 2 });
    });
  });
});
