import { catalogue, cameAs, tankPut } from '@/testing/tabs';
import {
  EMPTY_ROOM,
  effective,
  type Dated,
  type Entry,
  foldInSteps,
  type NewEntry,
  type Room,
} from '../events';
import { atOnce, type DocumentId, type EntryId, type ResidentId, type TankId } from '../kernel';
import type { RoomDocument } from '../records';
import type { Change } from './change';
import { checkChanges, type GateRoom, needsJournal } from './checkChanges';
import { judgeJournal, worldOf } from './contradictions';

const at = (day: number, hour = 12): string =>
  `2027-03-${String(day).padStart(2, '0')}T${String(hour).padStart(2, '0')}:00:00.000Z`;
const entry = (id: string, dated: Dated): NewEntry => ({ ...dated, id: id as EntryId, recorded: at(20) });
const append = (id: string, dated: Dated): Change => ({ kind: 'append', entry: entry(id, dated) });
const placed = (entries: readonly NewEntry[]): readonly Entry[] =>
  entries.map((one, i) => ({ ...one, seq: i + 1 }));
const tank = (tankPut('T', 'Fen') as Extract<Change, { kind: 'put' }>).document;
const documents: Readonly<Record<string, RoomDocument>> = { T: tank };

const died = (resident: string, day: number, count = 1): Dated => ({
  type: 'died',
  on: at(day),
  resident: resident as ResidentId,
  count,
  how: 'found',
  cause: '',
  note: '',
});
const measured = (resident: string, day: number): Dated => ({
  type: 'measured',
  on: at(day),
  resident: resident as ResidentId,
  lengthCm: 4,
});
const struck = (id: string, target: string, day: number): Change => ({
  kind: 'append',
  entry: {
    id: id as EntryId,
    recorded: at(20),
    type: 'corrected',
    on: at(day),
    target: target as EntryId,
    replacement: null,
  },
});

/** A room of these entries. */
function roomOf(
  entries: readonly NewEntry[],
  more: Partial<GateRoom> = {},
): GateRoom & { readonly journal: readonly Entry[] } {
  const journal = placed(entries);
  const room: Room = journal.length === 0 ? EMPTY_ROOM : atOnce(foldInSteps(journal));
  return {
    documents,
    room,
    lastOn: entries.reduce((last, { on }) => (on > last ? on : last), ''),
    catalogueOf: () => catalogue,
    now: at(21),
    known: new Set(),
    journal,
    ...more,
  };
}
const check = (changes: readonly Change[], room: ReturnType<typeof roomOf>, whole = false) => {
  const checked = atOnce(
    checkChanges(changes, room, whole || needsJournal(changes, room) ? room.journal : null),
  );
  return checked.ok
    ? 'ok'
    : {
        faults: checked.refusal.faults.map(({ path, expected }) => `${path}: ${expected.is}`),
        clashes: checked.refusal.clashes.map(({ id }) => id),
      };
};
const SHOAL = entry('came', cameAs('shoal', at(5), 6));

describe('what needs the whole journal', () => {
  const { lastOn } = roomOf([SHOAL]);
  it.each([
    [
      'what happened after all others',
      [append('a', measured('shoal', 6)), append('b', measured('shoal', 6))],
      false,
    ],
    ['what happened before one that is there', [append('a', measured('shoal', 4))], true],
    [
      'what happened before another of the same change',
      [append('a', measured('shoal', 8)), append('b', measured('shoal', 7))],
      true,
    ],
    ['a correction', [struck('c', 'came', 9)], true],
    ['a document', [tankPut('U')], false],
    [
      'a species that is taken away',
      [
        {
          kind: 'put',
          document: { id: 'own' as DocumentId, kind: 'species', rev: 2, body: null } as RoomDocument,
        },
      ],
      true,
    ],
  ] as [string, Change[], boolean][])('%s: %#', (_, changes, needs) =>
    expect(needsJournal(changes, { lastOn })).toBe(needs),
  );
});

describe('the one gate', () => {
  it('lets through what makes sense, one after the other, and gives it back as it will be written', () => {
    const changes = [append('in', cameAs('new', at(6), 2)), append('len', measured('new', 7))];
    expect(check(changes, roomOf([SHOAL]))).toBe('ok');
    const read = atOnce(
      checkChanges(
        [append('z', { ...measured('shoal', 6), on: '2027-03-06T14:00:00+02:00' })],
        roomOf([SHOAL]),
        null,
      ),
    );
    expect(read).toMatchObject({ ok: true, changes: [{ entry: { id: 'z', on: at(6) } }] });
    expect(read.ok && 'seq' in (read.changes[0] as { entry: object }).entry).toBe(false);
  });

  it.each([
    [
      'a part that no schema takes',
      append('a', { ...measured('shoal', 6), lengthCm: 0 } as Dated),
      ['lengthCm: positive'],
    ],
    ['a fish that never came', append('a', measured('nobody', 6)), ['resident: known']],
    ['more deaths than fish', append('a', died('shoal', 6, 7)), ['count: here']],
    ['a moment two days ahead', append('a', measured('shoal', 23)), ['on: not in the future']],
    ['a correction of nothing', struck('c', 'nothing', 6), ['target: known']],
    ['a document with a part that no schema takes', tankPut('U', ''), ['name: filled']],
  ] as [string, Change, string[]][])('refuses %s', (_, change, faults) =>
    expect(check([change], roomOf([SHOAL]))).toMatchObject({ faults, clashes: [] }),
  );

  it('takes a moment of another zone that is hours ahead, and any where nobody knows the time', () => {
    expect(check([append('a', measured('shoal', 22))], roomOf([SHOAL]))).toBe('ok');
    expect(check([append('a', measured('shoal', 28))], roomOf([SHOAL], { now: null }))).toBe('ok');
  });

  it('holds each entry against the room as the one before left it', () => {
    const changes = [append('d', died('shoal', 7, 4)), append('d2', died('shoal', 8, 3))];
    expect(check(changes, roomOf([SHOAL]))).toMatchObject({ faults: ['count: here'] });
    expect(check(changes, roomOf([SHOAL]), true)).toMatchObject({ faults: ['count: here'] });
  });

  it('takes no entry for later than the clock by a day and a half, but one by a moment more', () => {
    const ahead = (ms: number): string => new Date(Date.parse(at(21)) + 36 * 3_600_000 + ms).toISOString();
    const one = (ms: number): Change => append('a', { ...measured('shoal', 6), on: ahead(ms) });
    expect(check([one(0)], roomOf([SHOAL]))).toBe('ok');
    expect(check([one(1)], roomOf([SHOAL]))).toMatchObject({ faults: ['on: not in the future'] });
  });

  it('names the parts of documents as a form does', () => {
    const body = { ...tank.body, tank: { lengthCm: -4, widthCm: 40, heightCm: 50 } };
    const put: Change = { kind: 'put', document: { ...tank, body } as unknown as RoomDocument };
    expect(check([put], roomOf([]))).toMatchObject({ faults: ['tank.lengthCm: positive'] });
    const whole = { ...put, document: { ...tank, body: 'x' } as unknown as RoomDocument } as Change;
    expect(check([whole], roomOf([]))).toMatchObject({ faults: [': object'] });
  });

  it('reads the journal with the new entries behind the others, whatever their moments', () => {
    const strikeLen = struck('c', 'len', 9);
    const room = roomOf([SHOAL, entry('len', measured('shoal', 8))]);
    expect(check([strikeLen, append('again', measured('shoal', 8))], room)).toBe('ok');
    // A second correction of one entry is the one that counts.
    const back = {
      ...(strikeLen as Extract<Change, { kind: 'append' }>).entry,
      id: 'c2' as EntryId,
    } as NewEntry;
    expect(check([strikeLen, { kind: 'append', entry: back }], room)).toBe('ok');
  });

  it('takes what a correction makes untrue of its own entry for its own fault', () => {
    const wrong: Change = {
      kind: 'append',
      entry: {
        ...(struck('c', 'd', 9) as Extract<Change, { kind: 'append' }>).entry,
        replacement: died('shoal', 8, 9),
      } as NewEntry,
    };
    expect(check([wrong], roomOf([SHOAL, entry('d', died('shoal', 8))]))).toEqual({
      faults: ['count: here'],
      clashes: [],
    });
  });

  it('names the lists that would speak of a species that is taken away, and none that did before', () => {
    const own = 'own-fish';
    const of = (kind: string): RoomDocument =>
      ({
        id: `list of ${kind}`,
        kind: 'draft',
        rev: 1,
        body: { tank: 'T', name: 'List', groups: [{ key: 'g', group: { species: kind, count: 4 } }] },
      }) as unknown as RoomDocument;
    const species = { id: own, kind: 'species', rev: 1, body: {} } as unknown as RoomDocument;
    const all = [tank, of(own), of('pterophyllum-scalare'), of('never-known'), species];
    const room = roomOf([SHOAL], {
      documents: Object.fromEntries(all.map((one) => [one.id, one])),
      catalogueOf: (known) =>
        known[own]?.body
          ? { ...catalogue, byId: new Map([...catalogue.byId, [own, {} as never]]) }
          : catalogue,
    });
    const away: Change = { kind: 'put', document: { ...species, body: null } as RoomDocument };
    expect(check([away], room)).toEqual({ faults: [], clashes: [`list of ${own}`] });
    const [refused] = [atOnce(checkChanges([away], room, room.journal))];
    expect(refused).toMatchObject({
      refusal: { clashes: [{ type: 'draft', on: '', faults: [{ received: { text: `"${own}"` } }] }] },
    });
    expect(check([{ kind: 'put', document: tank }], room)).toBe('ok');
  });

  it('names the entries that could no longer be true', () => {
    const room = roomOf([SHOAL, entry('len', measured('shoal', 8))]);
    expect(check([struck('c', 'came', 9)], room)).toEqual({ faults: [], clashes: ['len'] });
  });

  it('does not refuse for what contradicted before and has nothing to do with it', () => {
    const journal = [SHOAL, entry('odd', measured('nobody', 6)), entry('len', measured('shoal', 8))];
    const before = roomOf(journal);
    expect(check([append('early', measured('shoal', 7))], before)).toEqual({ faults: [], clashes: ['odd'] });
    const known = new Set(['odd']);
    expect(check([append('early', measured('shoal', 7))], roomOf(journal, { known }))).toBe('ok');
    // What it says itself is its own, known or not.
    expect(check([append('odd', measured('nobody', 7))], roomOf([SHOAL], { known }), true)).toMatchObject({
      faults: ['resident: known'],
    });
  });

  it('names the documents that would speak of a fish that never came', () => {
    const photo = {
      id: 'p' as DocumentId,
      kind: 'photo',
      rev: 1,
      body: {
        resident: 'shoal' as ResidentId,
        on: at(6),
        data: 'data:image/png;base64,iVBORw0KGgoAAAANSUhEUg==',
        note: '',
      },
    } as RoomDocument;
    const room = roomOf([SHOAL], { documents: { T: tank, p: photo } });
    expect(check([struck('c', 'came', 9)], room)).toEqual({ faults: [], clashes: ['p'] });
    // One that goes with it is no hindrance.
    const gone: Change = { kind: 'put', document: { ...photo, body: null } as RoomDocument, base: photo };
    expect(check([struck('c', 'came', 9), gone], room)).toBe('ok');
  });
});

describe('a journal held against itself', () => {
  const world = worldOf(documents, catalogue);
  const judged = (entries: readonly NewEntry[], leaveOut = false) =>
    atOnce(judgeJournal(placed(entries), world, { leaveOut }));

  it('knows the tanks by their documents, and nothing by the name of the prototype', () => {
    expect(world.hasTank('T')).toBe(true);
    expect(world.hasTank('U')).toBe(false);
    expect(world.hasTank('constructor')).toBe(false);
    expect(worldOf({ d: { kind: 'draft' } }, catalogue).hasTank('d')).toBe(false);
  });

  it('leaves out what contradicts only when that is asked for', () => {
    const journal = [SHOAL, entry('all', died('shoal', 6, 6)), entry('more', died('shoal', 7, 1))];
    const [kept, out] = [judged(journal), judged(journal, true)];
    expect(kept.contradictions.map(({ id, type, on }) => [id, type, on])).toEqual([['more', 'died', at(7)]]);
    expect(out.contradictions).toEqual(kept.contradictions);
    expect(kept.room.residents['shoal']?.leftOn).toBe(at(7));
    expect(out.room.residents['shoal']?.leftOn).toBe(at(6));
  });

  it('says when a fish came, where it was not there yet; by the hour on one day', () => {
    const early = (on: string) => {
      const [one] = judged([SHOAL, entry('len', { ...measured('shoal', 4), on })]).contradictions;
      return one?.faults[0];
    };
    expect(early(at(4))).toMatchObject({ path: 'on', expected: { is: 'arrived by', on: '2027-03-05' } });
    expect(early(at(5, 9))).toMatchObject({ expected: { is: 'arrived by', on: '2027-03-05T12:00' } });
  });

  it('knows when young and split fish came too', () => {
    const member = (id: string) => ({
      ...(cameAs(id, at(5)) as Extract<Dated, { type: 'came' }>).members[0]!,
    });
    const young: Dated = {
      type: 'born',
      on: at(9),
      tank: 'T' as TankId,
      species: 'pterophyllum-scalare',
      member: { ...member('fry'), count: 40, individual: false },
      lengthCm: 1,
      note: '',
    };
    const split: Dated = {
      type: 'split',
      on: at(9),
      resident: 'shoal' as ResidentId,
      into: [member('one')],
    };
    const { contradictions } = judged([
      SHOAL,
      entry('y', young),
      entry('s', split),
      entry('a', measured('fry', 7)),
      entry('b', measured('one', 7)),
      entry('c', measured('nobody', 7)),
    ]);
    expect(contradictions.map(({ id, faults }) => [id, faults[0]?.path, faults[0]?.expected.is])).toEqual([
      ['a', 'on', 'arrived by'],
      ['b', 'on', 'arrived by'],
      ['c', 'resident', 'known'],
    ]);
    expect(contradictions[0]?.faults).toMatchObject([
      { expected: { on: '2027-03-09' }, received: { text: '"2027-03-07"' } },
    ]);
  });

  it('pauses every so many entries', () => {
    const many = Array.from({ length: 3100 }, (_, i) => entry(`m${i}`, measured('shoal', 8)));
    const steps = judgeJournal(placed([SHOAL, ...many]), world);
    let pauses = 0;
    while (!steps.next().done) pauses += 1;
    const short = judgeJournal(placed([SHOAL]), world);
    let few = 0;
    while (!short.next().done) few += 1;
    expect(pauses - few).toBeGreaterThanOrEqual(2);
    expect(pauses).toBeLessThan(200);
  });

  it('finds corrections of nothing, and of corrections', () => {
    const strike = (id: string, target: string): NewEntry =>
      (struck(id, target, 9) as Extract<Change, { kind: 'append' }>).entry;
    const { contradictions } = judged([
      SHOAL,
      strike('c1', 'came'),
      strike('c2', 'nothing'),
      strike('c3', 'c1'),
    ]);
    expect(contradictions.map(({ id }) => id)).toEqual(['c2', 'c3']);
    expect(effective(placed([SHOAL, strike('c1', 'came')]))).toEqual([]);
  });

  it('asks for tanks and species as for fish', () => {
    const { contradictions } = judged([
      entry('in', { ...cameAs('x', at(5)), tank: 'V' as TankId } as Dated),
      entry('what', { ...cameAs('y', at(6)), species: 'no-such-fish' } as Dated),
    ]);
    expect(
      contradictions.map(({ faults }) => faults.map(({ path, expected }) => [path, expected.is])),
    ).toEqual([[['tank', 'known']], [['species', 'known']]]);
  });
});
