import { at, draft, list, made, put, renamed, tank } from '@/testing/twoRooms';
import type { RoomDocument } from '../records';
import { landDocument, TAKE_BACK } from './landDocument';

const land = (
  document: RoomDocument,
  base: RoomDocument | null | undefined,
  current: RoomDocument | undefined,
) => landDocument({ kind: 'put', document, ...(base === undefined ? {} : { base }) }, current, at(20));
const named = (document: RoomDocument, name: string): RoomDocument =>
  ({ ...document, body: { ...document.body, name } }) as RoomDocument;
const nameOf = ({ document }: ReturnType<typeof land>): unknown =>
  (document.body as { name?: string } | null)?.name;

describe('a document that lands', () => {
  it('on nothing is the first of its kind', () => {
    const landed = land(made('N'), null, undefined);
    expect(landed).toMatchObject({ ok: true, document: { id: 'N', rev: 1 } });
  });
  it('on what it was made from takes its place, said now', () => {
    const landed = land(named(tank, 'Reed'), tank, tank);
    expect(landed).toMatchObject({ ok: true, document: { rev: tank.rev + 1, body: { name: 'Reed' } } });
    expect(landed.document.clock?.at['name']).toBe(at(20));
  });
  it('without a word of what it was made from takes the place of whatever is there', () => {
    expect(nameOf(land(named(tank, 'Reed'), undefined, renamed('Sedge', 9)))).toBe('Reed');
  });
  it('is put together with what came in between, part by part', () => {
    const wider = { ...renamed('Sedge', 9) };
    const mine = { ...tank, body: { ...tank.body, order: 7 } } as RoomDocument;
    expect(land(mine, tank, wider)).toMatchObject({
      ok: true,
      document: { body: { name: 'Sedge', order: 7 } },
    });
  });
  it('is refused where both changed one part, and what is there stays', () => {
    const sedge = renamed('Sedge', 9);
    const landed = land(named(tank, 'Reed'), tank, sedge);
    expect(landed).toMatchObject({ ok: false, document: sedge });
    expect(landed.ok ? [] : landed.conflicts.map(({ path }) => path)).toEqual(['name']);
  });
  it('is not taken for untouched by its revision alone, nor by its words alone', () => {
    const sedge = { ...renamed('Sedge', 9), rev: tank.rev };
    expect(land(named(tank, 'Reed'), tank, sedge).ok).toBe(false);
    const same = { ...tank, rev: tank.rev + 4 };
    expect(land(named(tank, 'Reed'), tank, same)).toMatchObject({
      ok: true,
      document: { rev: tank.rev + 5 },
    });
  });
  it('made anew where somebody removed it is new', () => {
    const gone = put({ ...tank, body: null }, 6, tank);
    expect(land(tank, null, gone)).toMatchObject({
      ok: true,
      document: { rev: gone.rev + 1, body: { name: 'Fen' } },
    });
  });
  it('made anew where somebody else has made one is refused where the two differ', () => {
    expect(land(named(tank, 'Reed'), null, renamed('Sedge', 9)).ok).toBe(false);
  });
  it('that is removed while another tab changed it is refused', () => {
    expect(land({ ...tank, body: null }, tank, renamed('Sedge', 9)).ok).toBe(false);
  });
});

describe('a document whose making is taken back', () => {
  const back = { ...draft, body: null } as RoomDocument;
  const base = { ...draft, rev: TAKE_BACK };
  it('goes where nothing came since', () => {
    expect(land(back, base, draft)).toMatchObject({ ok: true, document: { body: null, rev: draft.rev + 1 } });
  });
  it('stays with what came since, without its own groups', () => {
    const groups = [...list(1, 4).groups, { key: 'h', group: { species: 'danio-rerio', count: 8 } }];
    const grown = put({ ...draft, body: { ...list(1, 4), groups } } as RoomDocument, 8, draft);
    const landed = land(back, base, grown);
    expect(landed).toMatchObject({ ok: true, document: { body: { name: 'List', groups: [{ key: 'h' }] } } });
  });
});
