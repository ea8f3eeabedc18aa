import { type Assessment, type CauseGroup, fishIn, groupByCause } from '../assess';
import type { Cm, CsvRow } from '../kernel';
import { adultLengthCm, commonName } from '../model';
import type { SheetLine } from './stockSheet';

const WORDS = { stop: 'Stop', caution: 'Caution', note: 'Note', good: 'Good' } as const;

/** What says the verdict, its reasons and lengths, in the keeper's units. */
export interface SheetSayers {
  readonly cause: (group: CauseGroup) => string;
  readonly verdict: (answer: Pick<Assessment, 'today' | 'later'>) => string;
  /** A length that was measured: to a hundredth. */
  readonly measured: (cm: Cm) => string;
  /** A length rounded for reading. */
  readonly length: (cm: Cm) => string;
  /** What no verdict promises. */
  readonly noPromise: string;
}

const sexes = ({ males, females }: SheetLine): string =>
  [males === null ? '' : `${males} m`, females === null ? '' : `${females} f`].filter(Boolean).join(', ');

interface Column {
  readonly head: string;
  readonly of: (line: SheetLine, say: SheetSayers) => string;
  /** Left out where no line says anything. */
  readonly optional?: boolean;
  /** What the reader takes from the cell, by the names of the CSV. */
  readonly cells?: (cell: string) => Readonly<Record<string, string>>;
}

const taken = (name: string) => (cell: string) => ({ [name]: cell });
const sexOf = (cell: string, letter: string): string =>
  new RegExp(`(\\d+)\\s*${letter}`).exec(cell)?.[1] ?? '';

const COLUMNS: readonly Column[] = [
  { head: 'Species', of: ({ profile }) => commonName(profile), cells: taken('name') },
  {
    head: 'Scientific name',
    of: ({ profile }) => `*${profile.scientificName}*`,
    cells: (cell) => ({ species: cell.replace(/[*_]/g, '') }),
  },
  { head: 'Number', of: ({ count }) => String(count), cells: taken('count') },
  {
    head: 'Sexes',
    of: sexes,
    cells: (cell) => ({ males: sexOf(cell, 'm'), females: sexOf(cell, 'f') }),
  },
  { head: 'Length', of: ({ lengthCm }, say) => say.measured(lengthCm), cells: taken('length') },
  { head: 'Full size', of: ({ profile }, say) => say.length(adultLengthCm(profile)) },
  { head: 'State', of: ({ here }) => (here ? 'in tank' : 'planned') },
  { head: 'Origin', of: ({ origin }) => origin, optional: true, cells: taken('origin') },
  { head: 'Until', of: ({ until }) => until, optional: true, cells: taken('until') },
  { head: 'Next tank', of: ({ nextTank }) => nextTank, optional: true, cells: taken('nextTank') },
  { head: 'Exit plan', of: ({ wayOut }) => wayOut, optional: true, cells: taken('wayOut') },
  {
    head: 'To buy',
    of: ({ here, buy, count }) => (here || buy === count ? '' : String(buy)),
    optional: true,
    cells: taken('buy'),
  },
  {
    head: 'Price of one',
    of: ({ price }) => (price === null ? '' : String(price)),
    optional: true,
    cells: taken('price'),
  },
  { head: 'Shop', of: ({ shop }) => shop, optional: true, cells: taken('shop') },
];

/** Text that stays text: a reader of Markdown makes no markup, no link and no code of it. */
const plain = (text: string): string => text.replace(/[\\<>[\]`|]/g, '\\$&');
/** A line break would end the row of a table. */
const safe = (text: string): string => plain(text).replace(/\s*\n\s*/g, ' ');
const row = (cells: readonly string[]): string => `| ${cells.map(safe).join(' | ')} |`;

/** A stock list as Markdown: what, how many, the verdict with its reasons. */
export function stockMarkdown(
  title: string,
  note: string,
  lines: readonly SheetLine[],
  assessment: Assessment,
  say: SheetSayers,
): string {
  const columns = COLUMNS.filter(
    ({ optional, of }) => !optional || lines.some((line) => of(line, say) !== ''),
  );
  const reasons = groupByCause(
    assessment.findings.filter((finding) => finding.severity !== 'good'),
    fishIn(assessment.context.planned),
  ).map((group) => `- **${WORDS[group.severity]}**: ${safe(say.cause(group))}`);
  return [
    `# ${safe(title)}`,
    ...(note.trim() === '' ? [] : ['', plain(note.trim())]),
    '',
    row(columns.map(({ head }) => head)),
    `|${columns.map(() => '---').join('|')}|`,
    ...lines.map((line) => row(columns.map(({ of }) => of(line, say)))),
    '',
    `**Verdict: ${say.verdict(assessment)}.** ${say.noPromise}`,
    '',
    ...reasons,
    '',
  ].join('\n');
}

/** Cells of a row of a Markdown table, as they were meant. */
function cellsOf(line: string): readonly string[] {
  const text = line.trim().replace(/^\|/, '');
  const ended = /(?<!\\)\|$/.test(text) ? text : `${text}|`;
  return [...ended.matchAll(/((?:\\.|[^\\|])*)\|/g)].map(([, cell = '']) =>
    cell.trim().replace(/\\(.)/g, '$1'),
  );
}

/**
 * Rows of the stock table in a Markdown text, with the names that a stock CSV has; null where there is no such table.
 * @example stockRows('| Scientific name | Number |\n|---|---|\n| *Danio rerio* | 8 |')?.[0]?.cells // { species: 'Danio rerio', count: '8' }
 */
export function stockRows(text: string): readonly CsvRow[] | null {
  const lines = text.split(/\r?\n/);
  const at = lines.findIndex(
    (line) => line.trim().startsWith('|') && cellsOf(line).includes('Scientific name'),
  );
  if (at < 0) return null;
  const heads = cellsOf(lines[at] ?? '');
  const rows: CsvRow[] = [];
  // The line under the heads only draws the table.
  for (let index = at + 2; index < lines.length && lines[index]?.trim().startsWith('|'); index += 1) {
    const cells = cellsOf(lines[index] ?? '');
    const read = heads.flatMap((head, place) =>
      Object.entries(COLUMNS.find((column) => column.head === head)?.cells?.(cells[place] ?? '') ?? {}),
    );
    rows.push({ line: index + 1, cells: Object.fromEntries(read) });
  }
  return rows;
}
