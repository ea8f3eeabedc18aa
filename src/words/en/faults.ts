import { type Expected, type Fault, keptUnit, type KeptUnit, type Received, toCore } from '@/core/kernel';
import { capital, countOf } from './names';
import { partLabel } from './entryLabels';
import type { Quantities } from './quantities';
import { dayName, grouped, plain } from './locale';

/** How figures and days of a fault are written: as the file has them, or as the keeper reads them. */
interface Style {
  readonly figure: (value: number, unit: KeptUnit | undefined) => string;
  /** How a range is asked for. */
  readonly range: string;
  readonly yesOrNo: string;
  /** From a bound to another. */
  readonly span: (from: number, to: number, unit: KeptUnit | undefined) => string;
  readonly day: (on: string) => string;
}

const asKept: Style = {
  range: '[lowest, highest], in order,',
  yesOrNo: 'true or false',
  figure: (value, unit) => (unit === undefined ? String(value) : `${value} ${unit}`),
  span: (from, to, unit) => `${from} to ${asKept.figure(to, unit)}`,
  day: (on) => on.replace('T', ' '),
};

const asRead = ({ reading }: Pick<Quantities, 'reading'>): Style => {
  const figure: Style['figure'] = (value, unit) => {
    const kept = unit && keptUnit(unit);
    return kept
      ? reading(kept.kind, toCore(kept.kind, value, kept.id))
      : `${plain(value)}${unit === undefined ? '' : ` ${unit}`}`;
  };
  return {
    figure,
    range: 'the lowest and the highest, in order,',
    yesOrNo: 'yes or no',
    span: (from, to, unit) => `${figure(from, unit)} to ${figure(to, unit)}`,
    day: (on) => `${dayName(on.slice(0, DAY))}${on.slice(DAY).replace('T', ' ')}`,
  };
};

/** So many letters of an ISO moment tell its day. */
const DAY = 10;

/** Parts that a value is held against. */
const THAN: Readonly<Record<string, string>> = {
  heightCm: 'the height',
  widthCm: 'the width',
  waterLineCm: 'the water line',
  winner: 'the winner',
  first: 'the first',
  wild: 'the wild range',
  'adult length': 'the adult length',
  'years to grown': 'the years it takes to grow',
  start: 'the start',
  items: 'the number of items',
  'company.smallestGroup': 'the smallest group',
  'company.comfortableGroup': 'the comfortable group',
};
const than = (part: string): string => THAN[part] ?? part;

/** For whom a number is the only one. */
const ONLY_FOR: Readonly<Record<string, string>> = {
  individual: 'a single fish',
  solitary: 'a species that lives alone',
};

/** Others than what stands there. */
const OTHERS: Readonly<Record<string, string>> = {
  'a shape of that mass': 'a shape that gives a plausible mass',
  item: 'two different items',
};

/** Why a bound holds where the part it is held against has no figure of its own. */
const BECAUSE: Readonly<Record<string, string>> = {
  shoal: 'for a shoal',
  'eats any fish': 'for a species that eats any fish',
  'room for water': 'to leave room for water',
};
const because = (part: string): string => BECAUSE[part] ?? than(part);

const APPROACHES: Readonly<Record<string, string>> = {
  cautious: 'strict',
  middle: 'usual',
  tried: 'lenient',
};

const FORMATS: Readonly<Record<string, string>> = {
  'lomvik-plan': 'a plan',
  'lomvik-wishes': 'wishes',
  'lomvik-life': 'a fish with its story',
  'lomvik-experience': 'experience of a room',
  lomvik: 'a room',
};

const KNOWN = {
  species: 'a species of the catalogue',
  tank: 'a tank of this room',
  resident: 'a fish or group that had arrived by then',
  entry: 'an entry of this journal',
} as const;

/** What to write instead: a noun that follows "needs". */
interface Needs {
  readonly needs: string;
}
/** A sentence that says it all. */
interface Says {
  readonly says: string;
}

const needs = (noun: string): Needs => ({ needs: noun });
const says = (sentence: string): Says => ({ says: sentence });

const listed = (choices: readonly string[]): string =>
  choices.length < 3 ? choices.join(' or ') : `one of ${choices.join(', ')}`;

/** What each expectation asks for. One entry for each: a new one does not compile without its words. */
const SAYERS: {
  readonly [K in Expected['is']]: (
    expected: Extract<Expected, { readonly is: K }>,
    style: Style,
    received: Received,
  ) => Needs | Says;
} = {
  text: ({ most }) => needs(most === undefined ? 'text' : `at most ${grouped(most)} letters`),
  filled: () => says('nothing stands here'),
  number: ({ from, to, unit }, { span }) => needs(`a number from ${span(from, to, unit)}`),
  positive: ({ to, unit }, { figure }) => needs(`a number above 0 and at most ${figure(to, unit)}`),
  whole: ({ from, to }) => needs(`a whole number from ${to === null ? from : `${from} to ${to}`}`),
  'yes or no': (_expected, { yesOrNo }) => needs(yesOrNo),
  choice: ({ of }) => needs(listed(of)),
  list: ({ least, most }) =>
    needs(
      least !== undefined ? `at least ${least}` : most !== undefined ? `at most ${most} of them` : 'a list',
    ),
  object: ({ orNull }) => needs(orNull ? 'an object, or null' : 'an object'),
  range: ({ from, to, unit }, { range, span }) => needs(`${range} from ${span(from, to, unit)}`),
  day: () => needs('a day of the calendar, such as 2026-03-01'),
  moment: () => needs('an ISO date and time, such as 2026-03-01T10:15:00.000Z'),
  month: () => needs('a month as YYYY-MM'),
  id: () => needs('1 to 64 letters, digits, hyphens or underscores'),
  'lower-case id': () => needs('a name in small letters, such as "pterophyllum-scalare"'),
  picture: ({ most }) => needs(`a picture as a data address of at most ${grouped(most)} letters`),
  'day and hour': () => needs('a day as 2026-11-03, or with an hour as 2026-11-03 18:30'),
  texts: ({ most }) => needs(`at most ${most} short texts by name`),
  nested: ({ most }) => needs(`no more than ${most} brackets within one another`),
  quantity: ({ kind }) =>
    needs(
      kind === 'length'
        ? 'a length such as "4 cm" or "1.5 in"'
        : 'temperatures in °C; for °F write the unit, as "75 - 82 F"',
    ),
  'at most': ({ most, than: part, unit }, { figure }) =>
    needs(`at most ${figure(most, unit)}, ${than(part)}`),
  'at least': ({ least, than: part, unit }, { figure }) =>
    needs(`at least ${figure(least, unit)}${part in BECAUSE ? ' ' : ', '}${because(part)}`),
  below: ({ below, than: part, unit }, { figure }) =>
    needs(`less than ${figure(below, unit)}${part in BECAUSE ? ' ' : ', '}${because(part)}`),
  above: ({ above, than: part, unit }, { figure }) =>
    needs(`more than ${figure(above, unit)}${part === 'nothing' ? '' : `, ${than(part)}`}`),
  exactly: ({ value, for: whom }) => needs(`${value} for ${ONLY_FOR[whom] ?? whom}`),
  around: ({ range: [low, high], of, unit }, { span }) =>
    needs(`a range that contains ${than(of)}, ${span(low, high, unit)}`),
  without: ({ value, of }) => needs(`numbers without ${value}, ${than(of)}`),
  ordered: ({ parts }) =>
    needs(`figures that do not fall from ${parts.map((part) => APPROACHES[part] ?? part).join(' to ')}`),
  sum: ({ of }) => needs(`shares that sum to ${of}`),
  another: ({ than: part }) =>
    part === 'winner'
      ? says('same fish as the winner')
      : part === 'itself'
        ? needs('another entry than itself')
        : needs(OTHERS[part] ?? `another than ${than(part)}`),
  sexes: ({ males, females, count }) =>
    says(`${countOf(males, 'male')} and ${countOf(females, 'female')} are more than ${count} fish`),
  'one part': ({ of }) => needs(`at least one ${of}`),
  unique: ({ holder }) =>
    needs(`a name that ${holder === undefined ? 'no other has' : `${holder} does not have already`}`),
  known: ({ what, nearest }, _style, received) =>
    what === 'species' && received.is === 'value'
      ? says(`${received.text} is unknown.${nearest ? ` Did you mean ${nearest}?` : ''}`)
      : needs(KNOWN[what]),
  'not in the future': () => needs('a moment that is not in the future'),
  'arrived by': ({ on }, { day }) => says(`the arrival was on ${day(on)}. Choose that or later`),
  'still here on': ({ leftOn }, { day }) => says(`this fish left on ${day(leftOn)}`),
  'like its family': ({ most, unit, largest }, { figure }) =>
    needs(`at most ${figure(most, unit)}: the largest of its family here is ${largest}`),
  here: ({ count }) =>
    count === 0
      ? needs('a fish that is still here')
      : says(`only ${count === 1 ? '1 is' : `${count} are`} here`),
  'new here': () => needs('a fish or group that has not arrived before'),
  'not recorded yet': () => says('already in the diary'),
  'truth or null': () => needs('what is true instead, or null'),
  JSON: ({ cut }, _style, received) =>
    cut && received.is === 'break' ? says(`it ends early, at line ${received.line}`) : needs('JSON text'),
  zip: ({ holding }) => needs(holding === undefined ? 'a whole zip file' : `a zip with ${holding} in it`),
  format: ({ of }) =>
    needs(
      of.length === 1
        ? `"${of[0]}"`
        : `${of.map((format) => `"${format}" (${FORMATS[format] ?? format})`).join(', ')}`,
    ),
  version: ({ to, newer }) =>
    newer
      ? says(`a newer Lomvik made this file, and this one reads version ${to}. Update Lomvik first`)
      : needs(`version ${to}`),
  column: ({ name }) => says(`no column "${name}"`),
  'known column': () => says('no column of this table has that name'),
  cells: ({ count }, _style, received) =>
    says(`${countOf(received.is === 'list' ? received.length : 0, 'cell')} here, ${count} in the heading`),
  'quotation marks': () =>
    says('a quotation mark opens a cell here and does not close it. Rows below it may be missing too'),
  rows: () => needs('at least one row'),
};

/** What stood there; empty where there is nothing to add. */
function found(received: Received): string {
  switch (received.is) {
    case 'nothing':
      return 'nothing';
    case 'object':
      return 'an object';
    case 'list':
      return `a list of ${received.length}`;
    case 'value':
      return received.text;
    case 'empty file':
      return 'an empty file';
    case 'break':
      return `text that cannot be read at line ${received.line}, column ${received.column}`;
    case 'damage':
      return '';
  }
}

/** What is said without what stood there after it: it is told already, or goes without saying. */
const SILENT: readonly Expected['is'][] = [
  'filled',
  'column',
  'known column',
  'cells',
  'sexes',
  'another',
  'nested',
];

const said = ({ expected, received }: Fault, style: Style): string => {
  const sayer = SAYERS[expected.is] as (expected: Expected, style: Style, received: Received) => Needs | Says;
  const what = sayer(expected, style, received);
  return 'says' in what ? what.says : `needs ${what.needs}`;
};

const ended = (text: string): string => (/[.?]$/.test(text) ? text : `${text}.`);

/** What is wrong with a value, without its place and what stood there: "Needs at most 50 cm, the height." */
export const faultSentence = (fault: Fault, words: Pick<Quantities, 'reading'>): string =>
  ended(capital(said(fault, asRead(words))));

function lineOf(fault: Fault, place: string, style: Style): string {
  const { expected } = fault;
  const silent = SILENT.includes(expected.is) || (expected.is === 'JSON' && expected.cut);
  const stood = silent ? '' : found(fault.received);
  const text = said(fault, style);
  return `${place}: ${ended(text)}${stood === '' || (stood.startsWith('"') && text.includes(stood)) ? '' : ` Found ${stood}.`}`;
}

/** The same with the part that it is about, as forms call it; what stood there only where it has no unit to be read in. */
export const partSentence = (fault: Fault, words: Pick<Quantities, 'reading'>): string =>
  'unit' in fault.expected && fault.expected.unit !== undefined
    ? `${partLabel(fault.path) ?? placeOf(fault)}: ${ended(said(fault, asRead(words)))}`
    : lineOf(fault, partLabel(fault.path) ?? placeOf(fault), asRead(words));

function placeOf({ path, line }: Fault): string {
  if (line !== undefined) return path === '' ? `Line ${line}` : `Line ${line}, ${path}`;
  return path === '' ? 'The file' : path;
}

/**
 * A fault of a file in one line, in the units of the file: place, what it needs, what stood there.
 * @example faultLine({ path: 'count', line: 4, expected: { is: 'whole', from: 1, to: null }, received: { is: 'value', text: '"many"' } }) // 'Line 4, count: needs a whole number from 1. Found "many".'
 */
export const faultLine = (fault: Fault): string => lineOf(fault, placeOf(fault), asKept);
