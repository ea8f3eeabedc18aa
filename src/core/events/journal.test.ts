import type { EntryId, ResidentId, TankId } from '../kernel/schema/ids';
import { effective } from './roomAt';
import type { Dated, Entry, Member } from '../events/events';
import { residentsOf, type Resident } from '../events/room';
import { roomAfter, roomAt } from './roomAt';

const tank = 'T' as TankId;
const who = (id: string): ResidentId => id as ResidentId;
const member = (id: string, count: number, more: Partial<Member> = {}): Member => ({
  id: who(id),
  name: id,
  count,
  individual: count === 1,
  sex: 'unknown',
  males: null,
  females: null,
  ...more,
});
const came = (members: Member[], on = '2026-03-01T10:00'): Dated => ({
  type: 'came',
  on,
  tank,
  species: 'paracheirodon-innesi',
  members,
  lengthCm: 2,
  origin: 'tank-bred',
  from: 'a club',
  note: '',
});
/** A journal in the order written; `at` corrects by position. */
const journal = (...lines: (Dated | { correct: number; to: Dated | null })[]): Entry[] =>
  lines.map((line, i) => {
    const base = { id: `e${i}` as EntryId, seq: i + 1, recorded: '2026-06-01T10:00' };
    return 'correct' in line
      ? {
          ...base,
          type: 'corrected',
          on: '2026-06-01T10:00',
          target: `e${line.correct}` as EntryId,
          replacement: line.to,
        }
      : { ...base, ...line };
  });
const resident = (entries: Entry[], id: string, until?: string): Resident | undefined =>
  roomAt(entries, until).residents[id];

describe('the room as a fold over the journal', () => {
  it('brings in, moves, measures, names and identifies anew', () => {
    const entries = journal(
      came([member('a', 1)]),
      { type: 'moved', on: '2026-04-01T10:00', resident: who('a'), tank: 'U' as TankId, note: '' },
      { type: 'measured', on: '2026-05-01T10:00', resident: who('a'), lengthCm: 3.2 },
      { type: 'named', on: '2026-05-01T11:00', resident: who('a'), name: 'Ash' },
      {
        type: 'identified',
        on: '2026-05-02T10:00',
        resident: who('a'),
        species: 'paracheirodon-axelrodi',
        note: '',
      },
      {
        type: 'sexed',
        on: '2026-05-03T10:00',
        resident: who('a'),
        sex: 'male',
        sure: 'likely',
        males: null,
        females: null,
        note: '',
      },
    );
    expect(resident(entries, 'a')).toMatchObject({
      tank: 'U',
      inTankSince: '2026-04-01T10:00',
      cameOn: '2026-03-01T10:00',
      lengthCm: 3.2,
      name: 'Ash',
      species: 'paracheirodon-axelrodi',
      sex: 'male',
      sexSure: 'likely',
    });
    expect(resident(entries, 'a', '2026-03-15')).toMatchObject({ tank: 'T', name: 'a', lengthCm: 2 });
    expect(resident(entries, 'a', '2026-02-01')).toBeUndefined();
    expect(resident(entries, 'a', '2026-04-01')?.tank).toBe('U');
  });

  it('splits a group; heads are neither made nor lost', () => {
    const entries = journal(came([member('g', 10)]), {
      type: 'split',
      on: '2026-04-01T10:00',
      resident: who('g'),
      into: [member('x', 1), member('y', 3)],
    });
    const heads = residentsOf(roomAt(entries), 'T').map((one) => [one.id, one.count]);
    expect(heads).toEqual([
      ['g', 6],
      ['x', 1],
      ['y', 3],
    ]);
    expect(resident(entries, 'x')).toMatchObject({
      individual: true,
      cameOn: '2026-03-01T10:00',
      species: 'paracheirodon-innesi',
    });
  });

  it('keeps what makes no sense as loose, and changes nothing by it', () => {
    const entries = journal(
      came([member('g', 2)]),
      { type: 'split', on: '2026-04-01T10:00', resident: who('g'), into: [member('x', 5)] },
      {
        type: 'died',
        on: '2026-04-02T10:00',
        resident: who('nobody'),
        count: 1,
        how: 'found',
        cause: '',
        note: '',
      },
    );
    const room = roomAt(entries);
    expect(room.loose).toHaveLength(2);
    expect(room.residents['g']?.count).toBe(2);
    expect(room.residents['x']).toBeUndefined();
  });

  it('counts departures and never below nobody', () => {
    const entries = journal(
      came([member('g', 5, { males: 2, females: 3 })]),
      {
        type: 'rehomed',
        on: '2026-04-01T10:00',
        resident: who('g'),
        count: 2,
        reason: 'surplus',
        taker: 'a neighbour',
        credit: '',
        note: '',
      },
      {
        type: 'died',
        on: '2026-04-05T10:00',
        resident: who('g'),
        count: 9,
        how: 'missing',
        cause: '',
        note: '',
      },
    );
    expect(resident(entries, 'g', '2026-04-02')).toMatchObject({ count: 3, rehomed: 2, leftOn: null });
    const halfway = resident(entries, 'g', '2026-04-02')!;
    expect(halfway.males! + halfway.females!).toBe(3);
    expect(resident(entries, 'g')).toMatchObject({ count: 0, died: 3, leftOn: '2026-04-05T10:00' });
    expect(residentsOf(roomAt(entries), 'T')).toEqual([]);
  });

  it('keeps young, pairs and the days of a tank', () => {
    const entries = journal(
      came([member('a', 1), member('b', 1)]),
      { type: 'paired', on: '2026-04-01T10:00', first: who('a'), second: who('b'), note: '' },
      {
        type: 'born',
        on: '2026-04-20T10:00',
        tank,
        species: 'paracheirodon-innesi',
        member: member('brood', 12),
        lengthCm: 0.8,
        note: '',
      },
      { type: 'watched', on: '2026-04-21T10:00', tank, minutes: 10, note: '' },
      { type: 'watched', on: '2026-04-22T10:00', tank, minutes: 5, note: '' },
      { type: 'counted', on: '2026-04-23T10:00', tank, species: 'paracheirodon-innesi', seen: 13, note: '' },
      { type: 'stepped-in', on: '2026-04-24T10:00', tank, step: 'rearranged', note: '' },
    );
    const room = roomAt(entries);
    expect([room.residents['a']?.pairedWith, room.residents['b']?.pairedWith]).toEqual(['b', 'a']);
    expect(room.residents['brood']).toMatchObject({ bornHere: true, origin: 'tank-bred', count: 12 });
    expect(room.tanks['T']).toMatchObject({
      lastArrival: '2026-03-01T10:00',
      lastWatch: '2026-04-22T10:00',
      watchedMinutes: 15,
      lastCount: '2026-04-23T10:00',
      lastStep: '2026-04-24T10:00',
    });
  });

  it('goes by when it happened, not by when it was written down', () => {
    const late: Dated = { type: 'measured', on: '2026-03-10T10:00', resident: who('a'), lengthCm: 2.5 };
    const entries = journal(
      came([member('a', 1)]),
      { type: 'measured', on: '2026-05-01T10:00', resident: who('a'), lengthCm: 3 },
      late,
    );
    expect(resident(entries, 'a')?.lengthCm).toBe(3);
    expect(resident(entries, 'a', '2026-04-01')?.lengthCm).toBe(2.5);
  });
});

describe('arrivals in the journal', () => {
  const at = (day: number) => `2026-04-${String(day).padStart(2, '0')}T10:00:00.000Z`;
  const arrival = (more: Record<string, unknown> = {}): Dated => ({
    ...came([member('g', 6)], at(1)),
    ...more,
  });
  const moved = (day: number): Dated => ({
    type: 'moved',
    on: at(day),
    resident: who('g'),
    tank: 'U' as TankId,
    note: '',
  });
  const step = (day: number, what: 'begun' | 'extended' | 'passed' | 'given up', days?: number): Dated => ({
    type: 'quarantine',
    on: at(day),
    tank,
    what,
    note: '',
    ...(days === undefined ? {} : { days }),
  });

  it('keep how they were come by, in what state, and for how long they stay', () => {
    const entries = journal(
      arrival({
        way: 'auction',
        quarantine: 'none',
        protocol: 'skittish',
        until: '2026-08-01',
        nextTank: 'Skerry',
      }),
    );
    expect(resident(entries, 'g')).toMatchObject({
      way: 'auction',
      quarantine: 'none',
      protocol: 'skittish',
      until: '2026-08-01',
      nextTank: 'Skerry',
    });
  });
  it('are quarantined when they waited long enough or passed; sooner they are a risk', () => {
    const here = arrival({ quarantine: 'here' });
    expect(resident(journal(here, moved(10)), 'g')?.quarantine).toBe('none');
    expect(resident(journal(here, moved(30)), 'g')?.quarantine).toBe('done');
    expect(resident(journal(here, step(2, 'begun', 28), step(9, 'passed'), moved(10)), 'g')?.quarantine).toBe(
      'done',
    );
    expect(resident(journal(arrival({ quarantine: 'none' }), moved(30)), 'g')?.quarantine).toBe('none');
  });
  it('remember the last sign of illness while a quarantine runs, and none after it', () => {
    const sign = (day: number, what: 'spots or film' | 'eating'): Dated => ({
      type: 'saw',
      on: at(day),
      tank,
      resident: null,
      what,
      place: '',
      note: '',
    });
    const life = (...lines: Dated[]) => roomAt(journal(arrival(), ...lines)).tanks['T']?.quarantine;
    expect(life(step(2, 'begun', 28), sign(5, 'spots or film'), sign(9, 'eating'))?.lastSign).toBe(at(5));
    expect(life(sign(5, 'spots or film'))?.lastSign).toBeNull();
    expect(
      life(step(2, 'begun'), { type: 'treated', on: at(7), tank, what: 'a remedy', note: '' })?.lastSign,
    ).toBe(at(7));
    expect(life(step(2, 'begun', 28), step(20, 'extended', 42))).toMatchObject({ days: 42 });
    expect(life(step(2, 'begun', 28), step(20, 'given up'))).toMatchObject({ begunOn: null, passedOn: null });
  });
  it('count the looks after the last that came, and claims until they are settled', () => {
    const look = (day: number, hours: number): Dated => ({
      type: 'looked',
      on: at(day),
      tank,
      hours,
      seen: null,
      signs: [],
      note: '',
    });
    const claim = (day: number, outcome: string): Dated => ({
      type: 'claimed',
      on: at(day),
      tank,
      from: 'Pier',
      about: 'two were dead',
      outcome,
    });
    const life = (...lines: Dated[]) => roomAt(journal(arrival(), ...lines)).tanks['T'];
    expect(life(look(1, 2), look(2, 24))?.looks).toEqual([2, 24]);
    expect(life(look(1, 2), { ...came([member('h', 1)], at(5)) })?.looks).toEqual([]);
    expect(life(claim(3, ''))?.claims).toEqual([{ from: 'Pier', about: 'two were dead', since: at(3) }]);
    expect(life(claim(3, ''), claim(9, 'credit'))?.claims).toEqual([]);
  });
  it('correct a record upward and downward, with the reason', () => {
    const recount = (count: number, why: 'born here' | 'missed before' | 'lost unseen'): Dated => ({
      type: 'recounted',
      on: at(9),
      resident: who('g'),
      count,
      why,
      note: '',
    });
    expect(resident(journal(arrival(), recount(9, 'born here')), 'g')).toMatchObject({ count: 9, died: 0 });
    expect(resident(journal(arrival(), recount(4, 'lost unseen')), 'g')).toMatchObject({ count: 4, died: 2 });
    expect(resident(journal(arrival(), recount(4, 'missed before')), 'g')).toMatchObject({
      count: 4,
      died: 0,
    });
    expect(resident(journal(arrival(), recount(0, 'lost unseen')), 'g')?.leftOn).toBe(at(9));
  });
});

describe('a damaged record', () => {
  it('is told as loose and takes nothing with it', () => {
    const good = journal(came([member('g', 5)]), {
      type: 'measured',
      on: '2026-05-01T10:00',
      resident: who('g'),
      lengthCm: 3,
    });
    const odd = {
      id: 'odd',
      seq: 3,
      recorded: '',
      type: 'vanished',
      on: '2026-04-01T10:00',
    } as unknown as Entry;
    const broken = {
      id: 'cut',
      seq: 4,
      recorded: '',
      type: 'came',
      on: '2026-04-02T10:00',
    } as unknown as Entry;
    const undated = { id: 'no-day', seq: 5, recorded: '', type: 'noted' } as unknown as Entry;
    const room = roomAt([...good, odd, broken, undated]);
    expect(room.residents['g']).toMatchObject({ count: 5, lengthCm: 3 });
    expect(room.loose).toEqual([
      { id: 'odd', type: 'vanished', on: '2026-04-01T10:00', why: 'unknown type' },
      { id: 'cut', type: 'came', on: '2026-04-02T10:00', why: 'damaged' },
      { id: 'no-day', type: 'noted', on: 'undefined', why: 'no name or moment' },
    ]);
  });
});

describe('corrections', () => {
  const death: Dated = {
    type: 'died',
    on: '2026-04-05T10:00',
    resident: who('g'),
    count: 2,
    how: 'found',
    cause: '',
    note: '',
  };
  it('replace, strike out and bring back; the last one counts', () => {
    const base = [came([member('g', 5)]), death] as const;
    expect(resident(journal(...base, { correct: 1, to: { ...death, count: 1 } }), 'g')?.count).toBe(4);
    expect(resident(journal(...base, { correct: 1, to: null }), 'g')?.count).toBe(5);
    expect(resident(journal(...base, { correct: 1, to: null }, { correct: 1, to: death }), 'g')?.count).toBe(
      3,
    );
  });
  it('mark what they touched and leave the rest', () => {
    const standing = effective(
      journal(came([member('g', 5)]), death, { correct: 1, to: { ...death, count: 1 } }),
    );
    expect(standing.map((event) => [event.id, event.corrected ?? false])).toEqual([
      ['e0', false],
      ['e1', true],
    ]);
  });
  it('of an entry that is not there do nothing', () =>
    expect(effective(journal(came([member('g', 5)]), { correct: 7, to: null }))).toHaveLength(1));
});

describe('roomAfter', () => {
  it('is the same as a new fold, or refuses', () => {
    const entries = journal(came([member('g', 5)]), {
      type: 'watched',
      on: '2026-04-01T10:00',
      tank,
      minutes: 5,
      note: '',
    });
    const before = roomAt(entries.slice(0, 1));
    expect(roomAfter(before, '2026-03-01T10:00', entries[1]!)).toEqual(roomAt(entries));
    expect(roomAfter(before, '2026-05-01T10:00', entries[1]!)).toBeNull();
    expect(roomAfter(before, '', journal({ correct: 0, to: null })[0]!)).toBeNull();
  });
});
