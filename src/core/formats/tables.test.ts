import { cameOf, chasedOf, happened, memberOf, watchedOf } from '@/testing/happened';
import { faultLine } from '@/words/en';
import { catalogue } from '@/testing/plans';
import { orderAnswer } from '../../cli/hierarchyCommands';
import { applyEvent } from '../events/events';
import type { Dated } from '../events/events';
import { EMPTY_ROOM } from '../events/room';
import type { ResidentId, TankId } from '../kernel/schema/ids';
import type { TableRoom } from './tableCells';
import { readTable, type TableKind, toldTwiceBy } from './tablesIn';
import { contestsCsv, departuresCsv, stockTableCsv, watchesCsv, waterCsv } from './tablesOut';

const on = '2026-03-02T18:00:00.000Z';
const happenings = [
  cameOf('2026-02-01T12:00:00.000Z', [memberOf('a'), memberOf('b'), memberOf('c')]),
  happened({
    type: 'rehomed',
    on: '2026-02-20T12:00:00.000Z',
    resident: 'c',
    count: 1,
    reason: 'surplus',
    taker: 'Maren',
    credit: '',
  }),
  chasedOf(on, 'a', 'b', { what: 'nip', bad: 2, place: 'left, floor', trigger: 'feeding', watch: 'w' }),
  watchedOf('2026-03-02T18:20:00.000Z', 20),
  happened({ type: 'tested', on, ph: 7.2, nitrateMgL: 12 }),
  happened({
    type: 'died',
    on: '2026-03-09T12:00:00.000Z',
    resident: 'b',
    count: 1,
    how: 'found',
    cause: 'thin',
    incident: '',
  }),
];
const room = happenings.reduce(applyEvent, EMPTY_ROOM);
const tableRoom = (known: (event: Dated) => boolean = () => false): TableRoom => ({
  tank: 'T' as TankId,
  catalogue,
  now: '2026-04-01T12:00:00.000Z',
  resolve: (name) => room.residents[name] ?? null,
  known,
});
const read = (kind: TableKind, ...lines: string[]) => readTable(kind, lines.join('\n'), tableRoom());
const plain = ({ id: _i, seq: _s, corrected: _c, recorded: _r, ...event }: Record<string, unknown>) => event;

describe('tables of a tank, out and in', () => {
  it('carry what neither won, and one of a group on another', () => {
    const group = cameOf('2026-02-01T12:00:00.000Z', [{ ...memberOf('g'), individual: false, count: 6 }]);
    const lock = chasedOf(on, 'a', 'b', { what: 'lock', undecided: true });
    const inGroup = chasedOf('2026-03-02T18:05:00.000Z', 'g', 'g');
    const all = [...happenings.slice(0, 1), group].reduce(applyEvent, EMPTY_ROOM);
    const text = contestsCsv([lock, inGroup], 'T', (id) => id);
    const back = readTable('contests', text, {
      ...tableRoom(),
      resolve: (name) => all.residents[name] ?? null,
    });
    expect(back.faults).toEqual([]);
    expect(back.events).toMatchObject([
      { winner: 'a', loser: 'b', what: 'lock', undecided: true },
      { winner: 'g', loser: 'g' },
    ]);
    expect(back.events[1]).not.toHaveProperty('undecided');
    const order = orderAnswer(text.replace(/.*g,g.*\n?/, ''));
    expect(order).toMatchObject({ ok: true, value: { fish: [{ undecided: 1 }, { undecided: 1 }] } });
    const wrong = orderAnswer('time,winner,loser,result\n1,a,b,maybe\n');
    expect(wrong.ok).toBe(false);
  });
  it('give back what was written', () => {
    const back = (kind: TableKind, text: string) => readTable(kind, text, tableRoom()).events;
    expect(
      back(
        'contests',
        contestsCsv(happenings, 'T', (id) => id),
      ),
    ).toEqual([{ ...plain(happenings[2] as never), note: undefined }].map(({ note: _n, ...rest }) => rest));
    expect(back('watches', watchesCsv(happenings, 'T'))).toEqual([plain(happenings[3] as never)]);
    expect(back('water tests', waterCsv(happenings, 'T'))).toEqual([plain(happenings[4] as never)]);
    expect(
      back(
        'departures',
        departuresCsv(
          happenings,
          () => true,
          (id) => id,
        ),
      ),
    ).toMatchObject([
      { type: 'rehomed', resident: 'c', taker: 'Maren' },
      { type: 'died', resident: 'b', cause: 'thin' },
    ]);
    const danios = {
      group: {
        species: 'danio-rerio',
        count: 8,
        lengthCm: 2.5,
        origin: 'wild',
        wayOut: 'a club',
        until: '2027-06',
      },
      price: 2.5,
      buy: 10,
    } as const;
    const stock = readTable(
      'stock',
      stockTableCsv(
        Object.values(room.residents).filter((one) => one.count > 0),
        [{ key: 'k', ...danios }],
      ),
      tableRoom(),
    );
    expect(stock.faults).toEqual([]);
    expect(stock.listed.map(({ group }) => [group.species, group.count])).toEqual([
      ['labidochromis-caeruleus', 1],
      ['danio-rerio', 8],
    ]);
    // Nothing that the keeper said is lost on the way: the same list, and the same verdict.
    expect(stock.listed[1]).toEqual(danios);
  });
  it('go into the command line as they are', () => {
    expect(orderAnswer(contestsCsv(happenings, 'T', (id) => id)).ok).toBe(true);
  });
});

describe('bad rows', () => {
  const HEAD = 'time,winner,loser,what,bad';
  const faults = (kind: TableKind, ...lines: string[]) => read(kind, ...lines).faults.map(faultLine);
  it('are named: a fish with itself, one that had left or not come, the future, the same twice', () => {
    expect(faults('contests', HEAD, '2026-03-02 18:00,a,a,chase,')).toEqual([
      'Line 2, loser: same fish as the winner.',
    ]);
    expect(faults('contests', HEAD, '2026-03-02 18:00,a,c,chase,')).toEqual([
      'Line 2, loser: this fish left on 2026-02-20. Found "c".',
    ]);
    expect(faults('contests', HEAD, '2026-01-02 18:00,a,b,chase,')).toHaveLength(2);
    expect(faults('contests', HEAD, '2027-01-02 18:00,a,b,chase,')).toEqual([
      'Line 2, time: needs a moment that is not in the future. Found "2027-01-02 18:00".',
    ]);
    expect(faults('contests', HEAD, '2026-03-02 18:00,a,b,chase,', '2026-03-02 18:00,a,b,chase,')).toEqual([
      'Line 3, time: already in the diary. Found "2026-03-02 18:00".',
    ]);
    const twice = readTable(
      'contests',
      `${HEAD}\n2026-03-02 18:00,a,b,chase,`,
      tableRoom(() => true),
    );
    expect(twice.events).toEqual([]);
  });
  it('leave the good ones to be taken, and gather strangers for a mapping', () => {
    const some = read(
      'contests',
      HEAD,
      '2026-03-02 18:00,a,Brim,chase,',
      '2026-03-02 18:01,b,a,nip,3',
      '2026-03-02,b,a,kiss,9',
    );
    expect(some.strangers).toEqual(['Brim']);
    expect(some.events).toEqual([
      expect.objectContaining({ winner: 'b' as ResidentId, what: 'nip', bad: 3 }),
    ]);
    expect(some.faults).toHaveLength(3);
  });
  it('are named where a watch is told twice under one name, in the file or in the diary', () => {
    expect(
      faults(
        'watches',
        'time,minutes,watch',
        '2026-03-02 18:20,20,w1',
        '2026-03-02 19:20,15,w1',
        '2026-03-03,9,',
      ),
    ).toEqual(['Line 3, time: already in the diary. Found "2026-03-02 19:20".']);
    const told = toldTwiceBy({
      type: 'watched',
      on: '2026-03-02T18:20:00.000Z',
      tank: 'T' as TankId,
      minutes: 20,
      note: '',
      watch: 'w1',
    });
    const again = readTable(
      'watches',
      'time,minutes,watch\n2026-03-02 18:21,25,w1\n',
      tableRoom((event) => toldTwiceBy(event) === told),
    );
    expect([again.events.length, again.faults.length]).toEqual([0, 1]);
  });
});
