import Papa from 'papaparse';
import type { Expected } from './expected';
import { type Fault, faultOf } from './faults';

/** A row of a CSV file with its line, the heading being line 1. Cells are trimmed. */
export interface CsvRow {
  readonly line: number;
  readonly cells: Readonly<Record<string, string>>;
}

/** A fault of one cell, named by line and column. */
export const cellFault = (line: number, column: string, expected: Expected, found: string): Fault => ({
  ...faultOf(column, expected, found === '' ? undefined : found),
  line,
});

/**
 * The rows of a CSV text (RFC 4180) with a heading. Columns beyond those asked for are kept and do no harm.
 * Errors: a heading without a column that is needed; a row with more or fewer cells than the heading.
 */
export function readCsvTable(
  text: string,
  needed: readonly string[],
): {
  readonly rows: readonly CsvRow[];
  readonly columns: readonly string[];
  readonly faults: readonly Fault[];
} {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
    transformHeader: (name) => name.trim(),
    transform: (value) => meantCell(value.trim()),
  });
  const columns = parsed.meta.fields ?? [];
  const missing = needed.filter((name) => !columns.includes(name));
  if (missing.length > 0)
    return {
      rows: [],
      columns,
      faults: missing.map((name) => cellFault(1, '', { is: 'column', name }, '')),
    };
  const broken = parsed.errors.flatMap((error): Fault[] =>
    error.row === undefined || error.code === 'UndetectableDelimiter'
      ? []
      : [
          {
            path: '',
            line: error.row + 2,
            expected: { is: 'cells', count: columns.length },
            received: { is: error.code === 'TooFewFields' ? 'few' : 'many' },
          },
        ],
  );
  const skipped = new Set(parsed.errors.map((error) => error.row));
  return {
    rows: parsed.data.flatMap((cells, index) => (skipped.has(index) ? [] : [{ line: index + 2, cells }])),
    columns,
    faults: broken,
  };
}

/** What a spreadsheet would run as a formula, with the marks that were put before it (OWASP, CSV Injection). */
const FORMULA = /^'*[=+\-@\t\r]/;
const MARKED = /^'+[=+\-@\t\r]/;

/** A text that a spreadsheet shows and never runs; figures stay figures. */
const quieted = (cell: string | number | null): string | number | null =>
  typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell;

/**
 * A cell as it was meant, without the mark that keeps a spreadsheet from running it.
 * @example meantCell("'=Sum") // '=Sum'
 */
export const meantCell = (cell: string): string => (MARKED.test(cell) ? cell.slice(1) : cell);

/** Rows as CSV text (RFC 4180), a heading first. Nothing in it is run by a spreadsheet, and it reads back the same. */
export const writeCsvTable = (
  columns: readonly string[],
  rows: readonly (readonly (string | number | null)[])[],
): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => row.map(quieted)) }, { newline: '\n' })}\n`;
