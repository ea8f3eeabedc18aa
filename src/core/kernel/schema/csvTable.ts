import Papa from 'papaparse';
import type { Expected } from './expected';
import { type Fault, faultOf } from './faults';

/** A row of a CSV file with the line that it begins on. Cells are trimmed. */
export interface CsvRow {
  readonly line: number;
  readonly cells: Readonly<Record<string, string>>;
}

/** A fault of one cell, named by line and column. */
export const cellFault = (line: number, column: string, expected: Expected, found: string): Fault => ({
  ...faultOf(column, expected, found === '' ? undefined : found),
  line,
});

/** What can stand between cells, the commonest first. */
const SEPARATORS = [',', ';', '\t'];

/** The cells as they stand in the text, and the rows whose quotation marks are broken. */
function cellsOf(text: string, delimiter: string, preview = 0) {
  const { data, errors } = Papa.parse<string[]>(text, { delimiter, preview, newline: '\n' });
  return { rows: data, broken: new Set(errors.map(({ row }) => row)) };
}

/** The separator of the heading, by the names that are needed there: the cells below it may hold any mark. */
function separatorOf(text: string, needed: readonly string[]): string {
  const heads = SEPARATORS.map((separator) => {
    const cells = cellsOf(text.trimStart(), separator, 1).rows[0] ?? [];
    const known = cells.filter((cell) => needed.includes(cell.trim())).length;
    return { separator, known, cells: cells.length };
  });
  return heads.reduce((best, head) =>
    head.known > best.known || (head.known === best.known && head.cells > best.cells) ? head : best,
  ).separator;
}

const isBlank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === '');

/** How many line ends a cell holds: the rows below it stand so many lines lower. */
const linesIn = (cell: string): number => cell.split('\n').length - 1;

/** Rows with the line that each begins on; blank ones are passed over. */
function rowsOf(text: string, separator: string) {
  const { rows, broken } = cellsOf(text, separator);
  let line = 1;
  return rows.flatMap((cells, at) => {
    const begins = line;
    line += 1 + cells.reduce((sum, cell) => sum + linesIn(cell), 0);
    return isBlank(cells) ? [] : [{ line: begins, cells, broken: broken.has(at) }];
  });
}

const unclosed = (line: number): Fault => ({
  path: '',
  line,
  expected: { is: 'quotation marks' },
  received: { is: 'damage' },
});

/** What is wrong with a row as a whole. */
function rowFault(
  { line, cells, broken }: ReturnType<typeof rowsOf>[number],
  count: number,
  isFilled: boolean,
): Fault | undefined {
  if (broken) return unclosed(line);
  // Blank cells beyond the heading do no harm: spreadsheets leave them there.
  if (cells.length < count ? isFilled : isBlank(cells.slice(count))) return undefined;
  return { path: '', line, expected: { is: 'cells', count }, received: { is: 'list', length: cells.length } };
}

/**
 * The rows of a CSV text (RFC 4180) with a heading, its cells separated by commas, semicolons or tabs as in the
 * heading; line ends of any kind become `\n`. Columns beyond those asked for are kept and do no harm; of two columns of one name the first counts.
 *
 * @param shortRows whether cells that a row lacks at its end are empty, or a fault
 *
 * Errors: a heading without a column that is needed; a row with more or fewer cells than the heading; quotation marks
 * that do not end, or not where a cell ends. Each with the line that the row begins on.
 * @example readCsvTable('name;count\nneon;6\n', ['name']).rows // [{ line: 2, cells: { name: 'neon', count: '6' } }]
 */
export function readCsvTable(
  text: string,
  needed: readonly string[],
  shortRows: 'refused' | 'filled' = 'refused',
): {
  readonly rows: readonly CsvRow[];
  readonly columns: readonly string[];
  /** The line of the heading. */
  readonly headingLine: number;
  readonly faults: readonly Fault[];
} {
  const plain = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  const [heading, ...below] = rowsOf(plain, separatorOf(plain, needed));
  const columns = heading?.cells.map((name) => name.trim()) ?? [];
  const headingLine = heading?.line ?? 1;
  // A heading that does not end has swallowed what stands below it.
  if (heading?.broken) return { rows: [], columns, headingLine, faults: [unclosed(headingLine)] };
  const missing = needed.filter((name) => !columns.includes(name));
  if (missing.length > 0)
    return {
      rows: [],
      columns,
      headingLine,
      faults: missing.map((name) => cellFault(headingLine, '', { is: 'column', name }, '')),
    };
  const faults = below.flatMap((row) => rowFault(row, columns.length, shortRows === 'filled') ?? []);
  const spoilt = new Set(faults.map(({ line }) => line));
  return {
    rows: below.flatMap(({ line, cells }) =>
      spoilt.has(line) ? [] : [{ line, cells: cellsByName(columns, cells) }],
    ),
    columns,
    headingLine,
    faults,
  };
}

const cellsByName = (columns: readonly string[], cells: readonly string[]): CsvRow['cells'] =>
  Object.fromEntries(
    columns.map((name, at) => [name, meantCell((cells[at] ?? '').trim())] as const).reverse(),
  );

/** What a spreadsheet would run as a formula, with the marks that were put before it (OWASP, CSV Injection). */
const FORMULA = /^'*[=+\-@\t\r]/;
const MARKED = /^'+[=+\-@\t\r]/;

/** A text that a spreadsheet shows and never runs; figures stay figures. */
const quieted = (cell: string | number | null): string | number | null =>
  typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell;

/** A cell as it was meant, without the mark that keeps a spreadsheet from running it. */
const meantCell = (cell: string): string => (MARKED.test(cell) ? cell.slice(1) : cell);

/** Rows as CSV text (RFC 4180), a heading first. Nothing in it is run by a spreadsheet, and it reads back the same but for line ends. */
export const writeCsvTable = (
  columns: readonly string[],
  rows: readonly (readonly (string | number | null)[])[],
): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => row.map(quieted)) }, { newline: '\n' })}\n`;
