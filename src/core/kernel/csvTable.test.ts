import fc from 'fast-check';
import { cellFault, readCsvTable, writeCsvTable } from './schema/csvTable';

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
  it('stand under their heading, trimmed, with their line; what nobody asked for does no harm', () =>
    expect(
      readCsvTable('\uFEFF name ;more; count\n neon ;x; 6 \n\n"a ""b""";y;1\n', ['name', 'count']),
    ).toEqual({
      rows: [
        { line: 2, cells: { name: 'neon', more: 'x', count: '6' } },
        { line: 4, cells: { name: 'a "b"', more: 'y', count: '1' } },
      ],
      columns: ['name', 'more', 'count'],
      headingLine: 1,
      faults: [],
    }));
  it('are missed by name where a whole column is not there', () =>
    expect(readCsvTable('name\nneon\n', ['name', 'count', 'note'])).toEqual({
      rows: [],
      columns: ['name'],
      headingLine: 1,
      faults: ['count', 'note'].map((name) => ({
        path: '',
        line: 1,
        expected: { is: 'column', name },
        received: { is: 'nothing' },
      })),
    }));
  it('that are too few or too many cost their row, and only that', () =>
    expect(readCsvTable('a,b\n1,2\n3\n4,5,6\n7,8\n', ['a'])).toEqual({
      rows: [
        { line: 2, cells: { a: '1', b: '2' } },
        { line: 5, cells: { a: '7', b: '8' } },
      ],
      columns: ['a', 'b'],
      headingLine: 1,
      faults: [
        { path: '', line: 3, expected: { is: 'cells', count: 2 }, received: { is: 'list', length: 1 } },
        { path: '', line: 4, expected: { is: 'cells', count: 2 }, received: { is: 'list', length: 3 } },
      ],
    }));
  it('in one column need no separator', () =>
    expect(readCsvTable('name\nneon\nguppy\n', ['name']).rows.map(({ cells }) => cells['name'])).toEqual([
      'neon',
      'guppy',
    ]));
  it.each([
    ['commas', 'name,note', 'neon,"a;b;c"', { name: 'neon', note: 'a;b;c' }],
    ['semicolons', 'name;note', 'neon;1,5 - 2,5', { name: 'neon', note: '1,5 - 2,5' }],
    ['tabs', 'name\tnote', 'neon\ta;b,c', { name: 'neon', note: 'a;b,c' }],
    ['nothing, in a single column,', 'name', ';;#', { name: ';;#' }],
    ['commas after blank lines', '\n\nname,note', 'neon,a;b;c', { name: 'neon', note: 'a;b;c' }],
    ['the mark that names what is needed', 'x;y;z,name', 'a;b;c,neon', { 'x;y;z': 'a;b;c', name: 'neon' }],
  ])('separated by %s are told by their heading', (_by, head, row, cells) => {
    const { rows, faults } = readCsvTable(`${head}\n${row}\n`, ['name']);
    expect(faults).toEqual([]);
    expect(rows.map((found) => found.cells)).toEqual([cells]);
  });
  it('are parted by what parts the heading most, where nothing that is needed is there; by commas among equals', () => {
    const columnsOf = (head: string) => readCsvTable(`${head}\n`, ['q']).columns;
    expect(columnsOf('x;y;z,w')).toEqual(['x', 'y', 'z,w']);
    expect(columnsOf('x,y,z;w')).toEqual(['x', 'y', 'z;w']);
    expect(columnsOf('x;y,z')).toEqual(['x;y', 'z']);
    expect(columnsOf('x')).toEqual(['x']);
    expect(columnsOf('')).toEqual([]);
    // A name that is needed counts for more than the number of cells.
    expect(readCsvTable('q,a;b;c\n', ['q']).columns).toEqual(['q', 'a;b;c']);
    expect(readCsvTable(' q ;a,b,c\n', ['q']).columns).toEqual(['q', 'a,b,c']);
  });
  it('are read whatever ends their lines, and with a mark of the encoding at the start alone', () => {
    const read = (text: string) =>
      readCsvTable(text, ['a']).rows.map(({ line, cells }) => [line, cells['a']]);
    const rows = [
      [2, '1'],
      [3, '2'],
    ];
    expect([read('a,b\n1,x\n2,y\n'), read('a,b\r\n1,x\r\n2,y'), read('a,b\r1,x\r2,y\r')]).toEqual([
      rows,
      rows,
      rows,
    ]);
    expect(read('\uFEFFa,b\n\uFEFF1,x\n')[0]?.[1]).toMatch(/1$/);
    expect(readCsvTable('a\nx\uFEFFy\n', ['a']).rows[0]?.cells['a']).toBe('x\uFEFFy');
  });
  it('that are missing at the end of a row are empty where that is allowed, and only there', () => {
    const read = (row: string) => readCsvTable(`a,b,c\n${row}\n`, ['a'], 'filled');
    expect(read('1').rows).toEqual([{ line: 2, cells: { a: '1', b: '', c: '' } }]);
    expect(read('1,2,3').rows).toEqual([{ line: 2, cells: { a: '1', b: '2', c: '3' } }]);
    expect(read('1,2,3,4')).toMatchObject({
      rows: [],
      faults: [{ line: 2, received: { is: 'list', length: 4 } }],
    });
  });
  it('that are blank beyond the heading do no harm', () => {
    expect(readCsvTable('a,b\n1,2,, \n3,4,x\n', ['a'])).toEqual({
      rows: [{ line: 2, cells: { a: '1', b: '2' } }],
      columns: ['a', 'b'],
      headingLine: 1,
      faults: [
        { path: '', line: 3, expected: { is: 'cells', count: 2 }, received: { is: 'list', length: 3 } },
      ],
    });
  });
  it('name the line of the heading where a column is missing', () =>
    expect(readCsvTable('\n\nb\n', ['a'])).toMatchObject({ headingLine: 3, faults: [{ line: 3 }] }));
  it('stand on the line that their row begins on, below blank lines and cells of many lines', () => {
    const { rows, faults } = readCsvTable('\nname,note\r\n\r\na,"x\r\ny"\r\nb,z\r\n,\r\nc\r\n', ['name']);
    expect(rows.map(({ line, cells }) => [line, cells['name']])).toEqual([
      [4, 'a'],
      [6, 'b'],
    ]);
    expect(faults.map(({ line }) => line)).toEqual([8]);
  });
  it('of two columns of one name are those of the first', () =>
    expect(readCsvTable('name,note,name\nneon,x,guppy\n', ['name']).rows[0]?.cells['name']).toBe('neon'));
  it.each(['1,"x\n2,3\n', '1,"x"y\n2,3\n', '1,"x,\n2,3\n'])(
    'in quotation marks that do not end cost their row: %j',
    (rest) =>
      expect(readCsvTable(`a,b\n0,0\n${rest}`, ['a'])).toEqual({
        rows: [{ line: 2, cells: { a: '0', b: '0' } }],
        columns: ['a', 'b'],
        headingLine: 1,
        faults: [{ path: '', line: 3, expected: { is: 'quotation marks' }, received: { is: 'damage' } }],
      }),
  );
  it('are none below a heading whose quotation mark does not end, and that is said', () =>
    expect(readCsvTable('\na,"b\n1,2\n3,4\n', ['a'])).toMatchObject({
      rows: [],
      faults: [{ path: '', line: 2, expected: { is: 'quotation marks' } }],
    }));
  it('are named by line, column and what was found, or that nothing was', () => {
    expect(cellFault(3, 'count', { is: 'rows' }, 'many')).toEqual({
      path: 'count',
      line: 3,
      expected: { is: 'rows' },
      received: { is: 'value', text: '"many"' },
    });
    expect(cellFault(3, 'count', { is: 'rows' }, '').received).toEqual({ is: 'nothing' });
  });
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
