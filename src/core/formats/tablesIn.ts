import { choice, moment, type Reading, somebody, type TableRoom, whole } from './tableCells';
import { stockRows } from './stockMarkdown';
import type { DraftGroup } from '../records';
import { CONTEST_KINDS, type Dated, DEATHS, REHOME_REASONS, schemaOf, TRIGGERS } from '../events';
import {
  cellFault,
  type CsvRow,
  type Fault,
  type Outcome,
  type KeptUnit,
  keptUnit,
  parseQuantity,
  type QuantityKind,
  readCsvTable,
  type Received,
  receivedOf,
  validate,
} from '../kernel';
import { ORIGINS, planGroupSchema } from '../model';
import { resolveTyped } from '../search';

export const TABLES = ['contests', 'watches', 'water tests', 'departures', 'stock'] as const;
export type TableKind = (typeof TABLES)[number];

/** A group of a stock table, with its price and how many to buy. */
export type ListedRow = Omit<DraftGroup, 'key'>;

export interface TableRead {
  readonly events: readonly Dated[];
  readonly listed: readonly ListedRow[];
  readonly faults: readonly Fault[];
  /** Names that nobody bears; a mapping is offered for them. */
  readonly strangers: readonly string[];
}

const NEEDED: Readonly<Record<TableKind, readonly string[]>> = {
  contests: ['time', 'winner', 'loser'],
  watches: ['time', 'minutes'],
  'water tests': ['time'],
  departures: ['time', 'who', 'what'],
  stock: ['species', 'count'],
};

function contest(at: Reading, room: TableRoom, strangers: Set<string>): Dated | null {
  const on = moment(at, room.now);
  const winner = somebody(at, 'winner', on, room, strangers);
  const loser = somebody(at, 'loser', on, room, strangers);
  const what = choice(at, 'what', CONTEST_KINDS, 'chase');
  const trigger = choice(at, 'trigger', TRIGGERS, null);
  const result = choice(at, 'result', ['won', 'undecided'], 'won');
  const bad = whole(at, 'bad', null);
  if (bad !== null && bad > 3) at.say('bad', { is: 'whole', from: 1, to: 3 });
  if (winner !== null && winner === loser && room.resolve(at.cell('winner'))?.individual !== false)
    at.say('loser', { is: 'another', than: 'winner' });
  if (on === null || winner === null || loser === null || what === null) return null;
  return {
    type: 'chased',
    on,
    tank: room.tank,
    watch: at.cell('watch'),
    winner,
    loser,
    what,
    place: at.cell('place'),
    ...(trigger === null ? {} : { trigger }),
    ...(bad === null ? {} : { bad }),
    ...(result === 'undecided' && { undecided: true }),
  };
}

function watch(at: Reading, room: TableRoom): Dated | null {
  const on = moment(at, room.now);
  const minutes = Number(at.cell('minutes').replace(',', '.'));
  if (at.cell('minutes') === '' || !(minutes >= 0 && minutes <= 1440)) {
    at.say('minutes', { is: 'number', from: 0, to: 1440 });
    return null;
  }
  const name = at.cell('watch');
  return on === null
    ? null
    : {
        type: 'watched',
        on,
        tank: room.tank,
        minutes,
        note: at.cell('note'),
        ...(name ? { watch: name } : {}),
      };
}

/** Readings by their columns, in older files and in ours; what they are kept in, and their bounds. */
const READINGS: readonly (readonly [
  string,
  string,
  QuantityKind | null,
  KeptUnit | undefined,
  number,
  number,
])[] = [
  ['temperature', 'temperatureC', 'temperature', '°C', 0, 45],
  ['ph', 'ph', null, undefined, 3, 11],
  ['ammonia', 'ammoniaMgL', 'concentration', 'mg/L', 0, 50],
  ['nitrite', 'nitriteMgL', 'concentration', 'mg/L', 0, 50],
  ['nitrate', 'nitrateMgL', 'concentration', 'mg/L', 0, 500],
  ['gh', 'ghDh', 'hardness', '°dH', 0, 60],
  ['kh', 'khDh', 'hardness', '°dH', 0, 60],
  ['tds', 'tdsPpm', null, undefined, 0, 5000],
];

function waterTest(at: Reading, room: TableRoom): Dated | null {
  const on = moment(at, room.now);
  const values: Record<string, number> = {};
  for (const [old, field, kind, unit, low, high] of READINGS) {
    // Our own headers name the unit; those of older files do not.
    const column = at.cell(field) === '' ? old : field;
    const text = at.cell(column);
    if (text === '') continue;
    const parsed = kind === null ? null : parseQuantity(kind, text, unit ? (keptUnit(unit)?.id ?? '') : '');
    const value = parsed === null ? Number(text.replace(',', '.')) : parsed.ok ? parsed.quantity.core : NaN;
    if (value >= low && value <= high) values[field] = value;
    else at.say(column, { is: 'number', from: low, to: high, unit });
  }
  if (READINGS.every(([column, field]) => at.cell(column) === '' && at.cell(field) === ''))
    at.say('ph', { is: 'one part', of: 'reading' });
  return on === null ? null : { type: 'tested', on, tank: room.tank, note: at.cell('note'), ...values };
}

function departure(at: Reading, room: TableRoom, strangers: Set<string>): Dated | null {
  const on = moment(at, room.now);
  const resident = somebody(at, 'who', on, room, strangers);
  const what = choice(at, 'what', ['died', 'rehomed'] as const, null);
  if (what === null && at.cell('what') === '') at.say('what', { is: 'choice', of: ['died', 'rehomed'] });
  const count = whole(at, 'count', 1);
  const note = at.cell('note');
  if (on === null || resident === null || what === null || count === null) return null;
  if (what === 'died') {
    const how = choice(at, 'how', DEATHS, 'found');
    const incident = at.cell('incident');
    return how === null
      ? null
      : {
          type: 'died',
          on,
          resident,
          count,
          how,
          cause: at.cell('cause'),
          note,
          ...(incident ? { incident } : {}),
        };
  }
  const reason = choice(at, 'reason', REHOME_REASONS, 'other');
  if (at.cell('taker') === '') at.say('taker', { is: 'filled' });
  return reason === null
    ? null
    : {
        type: 'rehomed',
        on,
        resident,
        count,
        reason,
        taker: at.cell('taker'),
        credit: at.cell('credit'),
        note,
      };
}

function stock(at: Reading, room: TableRoom): ListedRow | null {
  const found = resolveTyped(room.catalogue, at.cell('species'));
  if (!found.ok) at.say('species', { is: 'known', what: 'species', nearest: found.nearest });
  const count = whole(at, 'count', null);
  if (count === null && at.cell('count') === '') at.say('count', { is: 'whole', from: 1, to: null });
  const males = whole(at, 'males', null, 0);
  const females = whole(at, 'females', null, 0);
  // The header of our own tables names the unit; that of older ones does not.
  const column = at.cell('lengthCm') === '' ? 'length' : 'lengthCm';
  const length = at.cell(column);
  const parsed = length === '' ? null : parseQuantity('length', length, 'cm');
  const lengthCm = parsed === null ? null : parsed.ok ? parsed.quantity.core : NaN;
  if (lengthCm !== null && !(lengthCm > 0 && lengthCm <= 400))
    at.say(column, { is: 'quantity', kind: 'length' });
  const origin = choice(at, 'origin', ORIGINS, 'unknown');
  if (count !== null && (males ?? 0) + (females ?? 0) > count)
    at.say('males', { is: 'sexes', males: males ?? 0, females: females ?? 0, count });
  if (!found.ok || count === null || origin === null) return null;
  const price = at.cell('price') === '' ? null : Number(at.cell('price').replace(',', '.'));
  if (price !== null && !(price >= 0 && price <= 1e6)) at.say('price', { is: 'number', from: 0, to: 1e6 });
  const buy = whole(at, 'buy', null);
  const texts = ['wayOut', 'until', 'nextTank'].flatMap((name) =>
    at.cell(name) === '' ? [] : [[name, at.cell(name)] as const],
  );
  return {
    group: {
      species: found.profile.id,
      count,
      origin,
      ...(males === null ? {} : { males }),
      ...(females === null ? {} : { females }),
      ...(lengthCm === null ? {} : { lengthCm }),
      ...Object.fromEntries(texts),
    },
    ...(price === null ? {} : { price }),
    ...(buy === null || buy === count ? {} : { buy }),
    ...(at.cell('shop') === '' ? {} : { shop: at.cell('shop') }),
  };
}

const cellOf = (row: CsvRow, path: string): Received | undefined =>
  row.cells[path] === undefined ? undefined : receivedOf(row.cells[path]);

/** What a schema says of a row that was read: the same gate as for every other way in, told by line and column. */
function sayFaults(checked: Outcome<unknown>, row: CsvRow, faults: Fault[]): void {
  if (checked.ok) return;
  for (const { path, expected, received } of checked.faults)
    faults.push({ path, line: row.line, expected, received: cellOf(row, path) ?? received });
}

/** What two events have in common when they are the same thing told twice: a watch its own name, where it has one. */
export const toldTwiceBy = (event: Dated): string => {
  if (event.type === 'chased') return `${event.on.slice(0, 19)}|${event.winner}|${event.loser}`;
  if (event.type === 'watched' && event.watch) return `watched|${event.watch}`;
  const who = 'resident' in event ? event.resident : '';
  const minutes = 'minutes' in event ? event.minutes : '';
  return `${event.type}|${event.on.slice(0, 16)}|${who}|${minutes}`;
};

/**
 * Rows of a CSV table, or of a stock list in Markdown, as events or listed groups. The good rows are offered; the others are named by line and column:
 * contests of a fish with itself, with one that had left or had not come, in the future, or already in the journal. Names
 * that nobody bears are gathered, so that the keeper can say who is meant. Nothing is taken in by reading.
 */
export function readTable(kind: TableKind, text: string, room: TableRoom): TableRead {
  const markdown = kind === 'stock' ? stockRows(text) : null;
  const { rows, faults: broken } = markdown
    ? { rows: markdown, faults: [] }
    : readCsvTable(text, NEEDED[kind]);
  const faults: Fault[] = [...broken];
  const strangers = new Set<string>();
  const events: Dated[] = [];
  const listed: ListedRow[] = [];
  const seen = new Set<string>();
  for (const row of rows) {
    const before = faults.length;
    const at: Reading = {
      row,
      cell: (column) => row.cells[column] ?? '',
      say: (column, expected) =>
        void faults.push(cellFault(row.line, column, expected, row.cells[column] ?? '')),
    };
    if (kind === 'stock') {
      const entry = stock(at, room);
      if (entry && faults.length === before) sayFaults(validate(planGroupSchema, entry.group), row, faults);
      if (entry && faults.length === before) listed.push(entry);
      continue;
    }
    const event =
      kind === 'contests'
        ? contest(at, room, strangers)
        : kind === 'watches'
          ? watch(at, room)
          : kind === 'water tests'
            ? waterTest(at, room)
            : departure(at, room, strangers);
    if (event && faults.length === before) sayFaults(validate(schemaOf(event.type), event), row, faults);
    if (!event || faults.length > before) continue;
    const key = event.type === 'watched' ? toldTwiceBy(event) : JSON.stringify(event);
    if (seen.has(key) || room.known(event)) at.say('time', { is: 'not recorded yet' });
    else events.push(event);
    seen.add(key);
  }
  return { events, listed, faults, strangers: [...strangers] };
}
