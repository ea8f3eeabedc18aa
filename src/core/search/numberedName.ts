import { type Catalogue, speciesNamed } from '../model';

/** A name as somebody typed it, and how many of them. */
export interface NumberedName {
  readonly name: string;
  /** Null where no number stands before the name. */
  readonly count: number | null;
  /** A number stands there that is none of fish on a list. */
  readonly isWrong: boolean;
}

/** More of one species is no number of fish on a list. */
export const MOST_ON_LIST = 999;
const NUMBERED = /^\s*(\d{1,5})(?:\s*[x×*])?\s+(?=\S)/i;

/** Whether a text that begins with a number is a name: "6 bar frontosa". */
export const isNameWithNumber = (catalogue: Catalogue, text: string): boolean =>
  /^\s*\d/.test(text) && speciesNamed(catalogue, text) !== null;

/**
 * The number before a name: "8 rams", "8x rams". A name that begins with a number is one: "6 bar frontosa".
 * @example numberedName(catalogue, '8 rams') // { name: 'rams', count: 8, isWrong: false }
 */
export function numberedName(catalogue: Catalogue, typed: string): NumberedName {
  const match = NUMBERED.exec(typed);
  if (!match || isNameWithNumber(catalogue, typed)) return { name: typed, count: null, isWrong: false };
  const count = Number(match[1]);
  const isWrong = count < 1 || count > MOST_ON_LIST;
  return { name: typed.slice(match[0].length), count: isWrong ? null : count, isWrong };
}
