import fc from 'fast-check';
import { readCsvTable, writeCsvTable } from './schema/csvTable';

const HOSTILE = [
  '=HYPERLINK("http://a","b")',
  '+1+1',
  '-2+3',
  '@SUM(A1)',
  "'=x",
  "''=y",
  '-',
  "'tis a name",
  '=',
  '\t=1',
];

describe('cells of a CSV table', () => {
  it.each(HOSTILE)('%j is shown by a spreadsheet, never run', (cell) => {
    const [, row = ''] = writeCsvTable(['name'], [[cell]]).split('\n');
    expect(row.replace(/^"/, '')).not.toMatch(/^[=+\-@\t\r]/);
  });
  it('leave figures as they are', () =>
    expect(writeCsvTable(['a', 'b'], [[-2.5, null]])).toBe('a,b\n-2.5,\n'));
  it('read back as they were', () =>
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.constantFrom(...HOSTILE), fc.string({ minLength: 1 })), {
          minLength: 1,
          maxLength: 4,
        }),
        (cells) => {
          const names = cells.map((_, at) => `c${at}`);
          const kept = cells.map((cell) => cell.trim());
          // A row of blanks is no row.
          fc.pre(kept.some((cell) => cell !== ''));
          const { rows } = readCsvTable(writeCsvTable(names, [kept]), names);
          expect(names.map((name) => rows[0]?.cells[name])).toEqual(kept);
        },
      ),
    ));
});
