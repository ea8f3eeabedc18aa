import { parseQuantity } from '../kernel';
import type { Catalogue } from '../model';
import { isNameWithNumber } from './numberedName';
import { type Meaning, meaningOf } from './sureSpecies';

/** One species of a pasted list. */
export interface PastedItem {
  /** Line of the text, from 1. */
  readonly line: number;
  /** What stood there, cut to what was read. */
  readonly text: string;
  /** The name without its number. */
  readonly name: string;
  /** Null where none was given. */
  readonly count: number | null;
  readonly males: number | null;
  readonly females: number | null;
  /** Today's length, where one was given; null where not. */
  readonly lengthCm: number | null;
  readonly meaning: Meaning;
}

/** What stands in a line, before anybody knows which species is meant. */
type Piece = Omit<PastedItem, 'meaning'>;

export interface Pasted {
  readonly items: readonly PastedItem[];
  /** How many more there were than are read. */
  readonly more: number;
}

/** So many species are read of a pasted text; nobody keeps more in one tank. */
export const MOST_PASTED = 200;
/** No line of a list is longer, and no name with its number: what stands behind is not read. */
const LONGEST_LINE = 20_000;
const LONGEST_PIECE = 200;
/** More of one species is no number of fish in a tank. */
const MOST_FISH = 10_000;

const IN_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  single: 1,
  two: 2,
  pair: 2,
  three: 3,
  trio: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  fifteen: 15,
  twenty: 20,
};
const WORDS = Object.keys(IN_WORDS).join('|');

const LENGTH = /(\d+(?:[.,]\d+)?(?:\s+\d\/\d)?)\s*(cm|mm|in|inch|inches|")(?![a-z])/i;
/** "2m 3f", "(2 males, 3 females)": sexes are told together, or in brackets; "1 female betta" is a name. */
const SEXES = /[([]?\s*\b(\d+)\s*(?:m|males?|♂)\s*[,/+&]?\s*(\d+)\s*(?:f|females?|♀)(?![a-z])\s*[)\]]?/i;

/** What says more of the fish before it: a length, their sexes, or their number where none stood yet. */
const MORE_OF_IT = new RegExp(`^\\s*(?:${LENGTH.source}|${SEXES.source})\\s*$`, 'i');
const ITS_NUMBER = /^\s*[x×]?\s*\d+\s*[x×]?\s*$/i;

/** What was found of a kind, and the text without it. */
interface Taken {
  readonly value: number | null;
  readonly rest: string;
}

function take(text: string, pattern: RegExp, read: (match: RegExpExecArray) => number | null): Taken {
  const match = pattern.exec(text);
  if (!match) return { value: null, rest: text };
  return {
    value: read(match),
    rest: `${text.slice(0, match.index)} ${text.slice(match.index + match[0].length)}`,
  };
}

const wholeOf = (match: RegExpExecArray): number | null => {
  const count = Number(match[1]);
  return Number.isInteger(count) && count >= 1 && count <= MOST_FISH ? count : null;
};

/** The number of a piece: "6 neons", "6x neons", "neons x 6", "neons (6)", "neons: 6", "a pair of rams". */
function takeCount(text: string): Taken {
  const patterns = [
    /^\s*(\d+)\s*(?:x|×|\*|of)?(?=[\s"'])/i,
    /^\s*(\d+)\s*[x×](?=[a-z])/i,
    /(?:x|×|\*)\s*(\d+)\s*$/i,
    /[([]\s*(?:x|×)?\s*(\d+)\s*(?:x|×)?\s*[)\]]/i,
    /[:=\t]\s*(\d+)\s*$/,
    /(?<=[a-z)])\s+-?\s*(\d+)\s*(?:x|×|pcs?|pieces?|fish)?\s*$/i,
  ];
  for (const pattern of patterns) {
    const found = take(text, pattern, wholeOf);
    if (found.value !== null) return found;
  }
  return take(text, new RegExp(`^\\s*(?:an?\\s+)?(${WORDS})\\s+(?:of\\s+)?`, 'i'), (match) => {
    return IN_WORDS[(match[1] as string).toLowerCase()] ?? null;
  });
}

const tidy = (text: string): string =>
  text
    .replace(/[()[\]]/g, ' ')
    .replace(/[\s:=\-–*•·|]+$|^[\s:=\-–*•·|]+/g, '')
    .replace(/\s+/g, ' ');

/** "1. 6 neons", "- 6 neons": marks of lists are no numbers of fish. */
const unmarked = (text: string): string => text.replace(/^\s*(?:[-–*•·]|\d+[.)])\s+/, '');

/** The pieces of a line: a row of a spreadsheet is one, in any order of its cells; other lines are parted by commas and "and". */
function piecesOf(line: string): readonly string[] {
  if (line.includes('\t')) {
    const cells = line.split('\t').map((cell) => cell.trim());
    // "L260" is a name; a single "m" is not.
    const names = cells.filter((cell) => /[a-z]{2}|^[a-z]\s?\d{2}/i.test(cell) && !LENGTH.test(cell));
    const numbers = cells.filter((cell) => /^\d+$/.test(cell));
    const lengths = cells.filter((cell) => LENGTH.test(cell));
    return [[numbers[0] ?? '', names[0] ?? '', lengths[0] ?? ''].join(' ')];
  }
  const parts = unmarked(line)
    .replace(/(\d),(\d+\s*(?:cm|mm|in|"))/gi, '$1.$2')
    .replace(/[([][^)\]]*[)\]]/g, (bracket) => bracket.replace(/[,;+&]/g, '/'))
    .split(/[,;+]|\s+and\s+(?=\d|an?\s)|\s+&\s+/i);
  const pieces: string[] = [];
  for (const part of parts) {
    const before = pieces.at(-1);
    const belongs =
      before !== undefined && (MORE_OF_IT.test(part) || (ITS_NUMBER.test(part) && !/\d/.test(before)));
    if (belongs) pieces[pieces.length - 1] = `${before} ${part.trim()}`;
    else pieces.push(part);
  }
  return pieces;
}

function readPiece(piece: string, catalogue: Catalogue): Omit<Piece, 'line'> {
  const whole = tidy(piece);
  if (isNameWithNumber(catalogue, whole))
    return { text: whole, name: whole, count: null, males: null, females: null, lengthCm: null };
  const length = take(piece, LENGTH, (match) => {
    const parsed = parseQuantity('length', `${match[1]} ${match[2]}`, 'cm');
    return parsed.ok ? parsed.quantity.core : null;
  });
  const sexes = SEXES.exec(length.rest);
  const [males, females] = sexes ? [Number(sexes[1]), Number(sexes[2])] : [null, null];
  const count = takeCount(unmarked(length.rest.replace(SEXES, ' ')));
  const sexed = (males ?? 0) + (females ?? 0);
  return {
    text: whole,
    name: tidy(count.rest),
    count: count.value ?? (sexed > 0 ? sexed : null),
    males,
    females,
    lengthCm: length.value,
  };
}

/**
 * A list of fish as keepers write it: lines, commas, bullets, or columns of a spreadsheet; the number before or after the name,
 * in figures or words, with sexes ("2m 3f") and a length ("1.5 in") where somebody wrote them.
 *
 * Each name is resolved as the search does; nothing is taken that is in doubt. At most 200 species are read, of a line 20,000
 * letters, of a name 200. One step a line and one a name, so that others get their turn.
 * @example atOnce(pastedInSteps('6 neon tetras, 8 cories, 1 betta', catalogue)).items.map(({ count }) => count) // [6, 8, 1]
 */
export function* pastedInSteps(text: string, catalogue: Catalogue): Generator<undefined, Pasted> {
  const pieces: Piece[] = [];
  for (const [at, line] of text.split(/\r\n|\n|\r/).entries()) {
    for (const piece of piecesOf(line.slice(0, LONGEST_LINE))) {
      const read = readPiece(piece.slice(0, LONGEST_PIECE), catalogue);
      if (/[a-z]/i.test(read.name)) pieces.push({ line: at + 1, ...read });
    }
    yield;
  }
  const meanings = new Map<string, Meaning>();
  const items: PastedItem[] = [];
  for (const piece of pieces.slice(0, MOST_PASTED)) {
    const name = piece.name.toLowerCase();
    const meaning = meanings.get(name) ?? meaningOf(catalogue, piece.name);
    meanings.set(name, meaning);
    items.push({ ...piece, meaning });
    yield;
  }
  return { items, more: pieces.length - items.length };
}
