import fc from 'fast-check';
import { catalogue, judge, plan, TANKS } from '@/testing/plans';
import { METRIC, sayingsFor } from '@/words/en';
import { US } from '@/words/en/quantities';
import type { TankId } from '../kernel/schema/ids';
import { ORIGINS } from '../model/plan';
import { stockMarkdown, stockRows } from './stockMarkdown';
import type { SheetLine } from './stockSheet';
import type { TableRoom } from './tableCells';
import { type ListedRow, readTable } from './tablesIn';

const room: TableRoom = {
  tank: 'T' as TankId,
  catalogue,
  now: '2026-04-01T12:00:00.000Z',
  resolve: () => null,
  known: () => false,
};

const HOSTILE = ['<img src=x onerror=alert(1)>', '[here](javascript:alert(1))', 'a \\| b \\', '`code` \\\\|'];

/** A line of any species, told in any detail. */
const anyLine: fc.Arbitrary<SheetLine> = fc
  .record({
    profile: fc.constantFrom(...catalogue.all),
    count: fc.integer({ min: 1, max: 40 }),
    grown: fc.constantFrom(0.23, 0.37, 0.53, 0.71, 0.93),
    price: fc.option(fc.integer({ min: 0, max: 9999 }).map((cents) => cents / 100)),
    more: fc.integer({ min: 0, max: 5 }),
    wayOut: fc.constantFrom('', 'a club | the tall one', 'two\nlines', '**nobody**', ...HOSTILE),
    origin: fc.constantFrom(...ORIGINS),
    until: fc.constantFrom('', '2027-06'),
    nextTank: fc.constantFrom('', 'Skerry'),
    shop: fc.constantFrom('', 'Harbour Fish'),
  })
  .map(({ grown, more, ...line }) => ({
    ...line,
    males: null,
    females: null,
    lengthCm: Number((line.profile.size.maleCm * grown).toFixed(2)),
    here: false,
    buy: line.count + more,
  }));

const groupOf = ({ profile, count, lengthCm, origin, wayOut, until, nextTank }: SheetLine) => ({
  species: profile.id,
  count,
  lengthCm,
  origin: origin as (typeof ORIGINS)[number],
  ...(wayOut ? { wayOut } : {}),
  ...(until ? { until } : {}),
  ...(nextTank ? { nextTank } : {}),
});
const verdictOf = (groups: Parameters<typeof plan>[1]) => {
  const { today, later } = judge(plan(TANKS.us125, groups));
  return { today, later };
};
const written = (lines: readonly SheetLine[], units: typeof METRIC): string =>
  stockMarkdown(
    'Skerry',
    'a note | with a pipe',
    lines,
    judge(plan(TANKS.us125, lines.map(groupOf))),
    sayingsFor(catalogue, units),
  );

/** A length as it is written: to a hundredth of the unit. Rounding may tip a verdict that stands on an edge; reading back may not. */
const asWritten =
  (unitCm: number) =>
  (line: SheetLine): SheetLine => ({
    ...line,
    lengthCm: (Math.round((line.lengthCm / unitCm) * 100) / 100) * unitCm,
  });

describe('a stock list as Markdown', () => {
  it.each([
    ['metric', METRIC, 1],
    ['US', US, 2.54],
  ] as const)(
    'reads back to the same list and the same verdict, written in %s units',
    (_name, units, unitCm) => {
      fc.assert(
        fc.property(
          fc.uniqueArray(anyLine, { selector: ({ profile }) => profile.id, minLength: 1, maxLength: 5 }),
          (drawn) => {
            const lines = drawn.map(asWritten(unitCm));
            const { listed, faults } = readTable('stock', written(lines, units), room);
            expect(faults).toEqual([]);
            expect(listed).toHaveLength(lines.length);
            lines.forEach((line, index) => {
              const { group, price, buy } = listed[index] as ListedRow;
              const { lengthCm, ...said } = groupOf({ ...line, wayOut: line.wayOut.replace('\n', ' ') });
              expect(group).toMatchObject(said);
              expect(group.lengthCm).toBeCloseTo(lengthCm ?? 0, 9);
              expect([price ?? null, buy ?? group.count]).toEqual([line.price, line.buy]);
            });
            expect(verdictOf(listed.map(({ group }) => group)).today).toBe(
              verdictOf(lines.map(groupOf)).today,
            );
          },
        ),
        { numRuns: 40 },
      );
    },
  );
  it.each(HOSTILE)('holds no markup of its own making: %s', (wayOut) => {
    const [sample] = fc.sample(anyLine, 1);
    if (!sample) throw new Error('no line');
    const text = written([{ ...sample, wayOut }], METRIC);
    expect(text).not.toMatch(/(?<!\\)[<[`]/);
  });
  it('names the line and the column of what cannot be read', () => {
    const text =
      '# Mine\n\n| Scientific name | Number | Length |\n|---|---|---|\n| *Danio rerio* | many | wide |\n';
    expect(
      readTable('stock', text, room).faults.map(({ line, path }) => `line ${line}, column ${path}`),
    ).toEqual(['line 5, column count', 'line 5, column length']);
  });
  it('is told from a CSV by its table', () => expect(stockRows('species,count\ndanio-rerio,8\n')).toBeNull());
  const PLAIN_LINE: SheetLine = {
    profile: catalogue.byId.get('danio-rerio')!,
    count: 8,
    males: null,
    females: null,
    lengthCm: 3,
    here: false,
    price: null,
    buy: 8,
    wayOut: '',
    origin: '',
    until: '',
    nextTank: '',
    shop: '',
  };
  const SAY = {
    cause: ({ severity }: { readonly severity: string }) => `a ${severity} | because`,
    verdict: () => 'Fits',
    measured: (cm: number) => `${cm} cm`,
    length: (cm: number) => `about ${cm} cm`,
    noPromise: 'No promise',
  };
  const sheet = (lines: readonly Partial<SheetLine>[], note = '', title = 'Fen') =>
    stockMarkdown(
      title,
      note,
      lines.map((line) => ({ ...PLAIN_LINE, ...line })),
      judge(plan(TANKS.us55, [{ species: 'danio-rerio', count: 8, males: 4, females: 4 }])),
      SAY,
    ).split('\n');
  const HEADS = '| Species | Scientific name | Number | Sexes | Length | Full size | State |';
  const row = (state: string, sexes = '') =>
    `| zebra danio | *Danio rerio* | 8 | ${sexes} | 3 cm | about 5 cm | ${state} |`;

  it('is a title, a table and a verdict; columns of which nobody says anything are left out', () => {
    const lines = sheet([{}, { here: true, buy: 0 }]);
    expect(lines.slice(0, 8)).toEqual([
      '# Fen',
      '',
      HEADS,
      '|---|---|---|---|---|---|---|',
      row('planned'),
      row('in tank'),
      '',
      '**Verdict: Fits.** No promise',
    ]);
    expect(lines[8]).toBe('');
    expect(lines.at(-1)).toBe('');
    for (const reason of lines.slice(9, -1))
      expect(reason).toMatch(/^- \*\*(Stop|Caution|Note)\*\*: a \w+ \\\| because$|^$/);
  });
  it('has a note under its title, without blanks around it', () => {
    expect(sheet([{}], '  two words \n').slice(0, 4)).toEqual(['# Fen', '', 'two words', '']);
    expect(sheet([{}], ' \n ').slice(0, 3)).toEqual(['# Fen', '', HEADS]);
  });
  it.each<[Partial<SheetLine>, string]>([
    [{ males: 3, females: 5 }, '3 m, 5 f'],
    [{ males: 3 }, '3 m'],
    [{ females: 5 }, '5 f'],
    [{ males: 0, females: 8 }, '0 m, 8 f'],
  ])('tells sexes and reads them back: %j', (said, sexes) => {
    const text = sheet([said]);
    expect(text[4]).toBe(row('planned', sexes));
    const [read] = stockRows(text.join('\n')) ?? [];
    expect(read?.cells).toMatchObject({
      males: said.males === undefined ? '' : String(said.males),
      females: said.females === undefined ? '' : String(said.females),
    });
  });
  it.each<[Partial<SheetLine>, string, string]>([
    [{ origin: 'wild' }, 'Origin', 'wild'],
    [{ until: '2027-06' }, 'Until', '2027-06'],
    [{ nextTank: 'Skerry' }, 'Next tank', 'Skerry'],
    [{ wayOut: 'a club' }, 'Exit plan', 'a club'],
    [{ buy: 10 }, 'To buy', '10'],
    [{ price: 2.5 }, 'Price of one', '2.5'],
    [{ price: 0 }, 'Price of one', '0'],
    [{ shop: 'Harbour Fish' }, 'Shop', 'Harbour Fish'],
  ])('has a column for what one line says: %j', (said, head, cell) => {
    const lines = sheet([{}, said]);
    expect(lines[2]).toBe(`${HEADS.slice(0, -1)}| ${head} |`);
    expect(lines[4]).toBe(`${row('planned').slice(0, -1)}|  |`);
    expect(lines[5]).toBe(`${row('planned').slice(0, -1)}| ${cell} |`);
  });
  it('has nothing to buy of what is here, or is bought as it is listed', () => {
    expect(sheet([{ here: true, buy: 3 }])[2]).toBe(HEADS);
    expect(sheet([{ buy: 8 }])[2]).toBe(HEADS);
  });
});

describe('the table of a Markdown text', () => {
  const read = (...lines: string[]) => stockRows(lines.join('\n'));
  const HEAD = '| Number | Scientific name |';
  it('is the first that names species, wherever it stands, with the lines of its rows', () =>
    expect(
      read(
        '# A',
        '| Day | Test |',
        '|---|---|',
        '| 1 | 2 |',
        '',
        '  ' + HEAD,
        '|---|---|',
        '| 8 | *Danio rerio* |',
        '  | 6 | Puntius titteya |  ',
        'end',
        '| 9 | none |',
      ),
    ).toEqual([
      { line: 8, cells: { count: '8', species: 'Danio rerio' } },
      { line: 9, cells: { count: '6', species: 'Puntius titteya' } },
    ]));
  it('may stand at the top, and end with the text', () =>
    expect(read(HEAD, '|---|---|', '| 8 | _Danio rerio_ |')).toEqual([
      { line: 3, cells: { count: '8', species: 'Danio rerio' } },
    ]));
  it('may be without rows, and without its last bars', () => {
    expect(read(HEAD, '|---|---|')).toEqual([]);
    expect(read('| Number | Scientific name', '|---|---', '| 8 | Danio rerio')).toEqual([
      { line: 3, cells: { count: '8', species: 'Danio rerio' } },
    ]);
  });
  it('passes over columns that it does not know, and takes what a short row lacks for empty', () =>
    expect(
      read('| Scientific name | Mood | Number | Shop |', '|---|---|---|---|', '| Danio rerio | good | 8 |'),
    ).toEqual([{ line: 3, cells: { species: 'Danio rerio', count: '8', shop: '' } }]));
  it('keeps bars that stand in a cell', () =>
    expect(
      read('| Scientific name | Exit plan |', '|---|---|', '| Danio rerio | a \\| b \\\\ |')?.[0]?.cells,
    ).toEqual({
      species: 'Danio rerio',
      wayOut: 'a | b \\',
    }));
  it('is none where no line of bars names species', () => {
    expect(read('Scientific name | Number', '| a | b |')).toBeNull();
    expect(read('| Number | Species |', '|---|---|', '| 8 | x |')).toBeNull();
  });
});
