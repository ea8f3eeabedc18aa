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
});
