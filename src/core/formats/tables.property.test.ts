import fc from 'fast-check';
import { readShopCsv } from '../arrivals/shopStock';
import { catalogue } from '@/testing/plans';
import type { ResidentId, TankId } from '../kernel/schema/ids';
import { readContestsCsv } from './contestsCsv';
import { readCsvTable, writeCsvTable } from '../kernel/schema/csvTable';
import { faultLine } from '@/words/en';
import { readSurvivalCsv } from './survivalCsv';
import type { TableRoom } from './tableCells';
import { readTable, TABLES } from './tablesIn';

const room: TableRoom = {
  tank: 'T' as TankId,
  catalogue,
  now: '2026-04-01T12:00:00.000Z',
  resolve: (name) =>
    ['a', 'b'].includes(name)
      ? { id: name as ResidentId, cameOn: '2026-01-01T00:00:00.000Z', leftOn: null, individual: true }
      : null,
  known: () => false,
};
const cell = fc.oneof(
  fc.constantFrom(
    'a',
    'b',
    '2026-02-02',
    '2026-02-02 18:00',
    '1',
    '-1',
    '7',
    'neon tetra',
    'died',
    '',
    '"',
    'x,y',
    '=1+1',
    '\u0000',
    'é',
  ),
  fc.string({ maxLength: 12 }),
);
const HEADS = [
  'time,winner,loser,what,bad',
  'time,minutes,note',
  'time,ph,temperature,nitrate',
  'time,who,what,taker',
  'species,count,length',
  'shop,species,price,stock',
  'group,start,end,event',
  'nothing,of,this',
  '',
];
const text = fc
  .tuple(fc.constantFrom(...HEADS), fc.array(fc.array(cell, { maxLength: 6 }), { maxLength: 8 }))
  .map(([head, rows]) => [head, ...rows.map((row) => row.join(','))].join('\n'));

describe('foreign tables', () => {
  it('never break a reader: each row is taken or named', () => {
    fc.assert(
      fc.property(text, (csv) => {
        for (const kind of TABLES) {
          const read = readTable(kind, csv, room);
          for (const fault of read.faults) expect(faultLine(fault)).toMatch(/^[^ ].*: .+[.?]$/);
          for (const event of read.events) expect(event.on <= room.now).toBe(true);
        }
        readShopCsv(csv, catalogue).items.forEach((item) => expect(item.stock).toBeGreaterThanOrEqual(0));
        for (const read of [readContestsCsv(csv), readSurvivalCsv(csv)])
          if (!read.ok) expect(read.faults.length).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
  });
  it('come back as they were written, whatever stands in their cells', () => {
    const plain = fc.string({ maxLength: 20 }).map((value) => value.replace(/\r/g, '').trim());
    fc.assert(
      fc.property(fc.array(fc.tuple(plain, plain), { minLength: 1, maxLength: 10 }), (rows) => {
        const kept = rows.filter(([first, second]) => first !== '' || second !== '');
        const { rows: read } = readCsvTable(writeCsvTable(['one', 'two'], kept), ['one', 'two']);
        expect(read.map(({ cells }) => [cells.one, cells.two])).toEqual(kept);
      }),
    );
  });
});
