import type { FinPaint, Marking } from './animal';
import { FIN_MARKS } from './finMarks';
import { EDGE_FINS } from './fins/edge';
import { TAIL_FINS } from './fins/tail';
import { MARKS } from './marks';
import { isColour } from './pigments';

/** Thrown where a dress says something that no plate can draw; names the word. */
export class DressFault extends Error {}

const isNumber = (word: string | undefined): boolean => /^-?(?:\d+\.?\d*|\.\d+)$/.test(word ?? '');

/** A text as words. */
export const wordsOf = (text: string): readonly string[] => text.split(/\s/).filter(Boolean);

/** The numbers from a place on, and the place after them. */
function numbersFrom(words: readonly string[], start: number): readonly [readonly number[], number] {
  let at = start;
  const numbers: number[] = [];
  while (isNumber(words[at])) {
    numbers.push(Number(words[at]));
    at += 1;
  }
  return [numbers, at];
}

interface Told {
  readonly main: string;
  readonly numbers: Readonly<Record<string, readonly number[]>>;
  readonly colours?: readonly string[];
}

/**
 * A marking from its words: its name, its colour, bare numbers for its main word, then words with their numbers.
 *
 * @returns the marking, and the place after it
 */
function markingFrom(
  kinds: Readonly<Record<string, Told>>,
  words: readonly string[],
  start: number,
): readonly [Marking, number] {
  const name = words[start] as string;
  const kind = kinds[name];
  if (!kind) throw new DressFault(`No marking is called "${name}".`);
  const colour = words[start + 1];
  if (colour === undefined || !isColour(colour))
    throw new DressFault(`"${name}" needs a colour; "${colour ?? ''}" is none.`);
  const numbers: Record<string, readonly number[]> = {};
  const colours: Record<string, string> = {};
  let [bare, at] = numbersFrom(words, start + 2);
  if (bare.length > 0) numbers[kind.main] = bare;
  for (;;) {
    const word = words[at];
    if (word === undefined) break;
    if (kind.colours?.includes(word)) {
      const value = words[at + 1];
      if (value === undefined || !isColour(value))
        throw new DressFault(`"${word}" of "${name}" needs a colour.`);
      colours[word] = value;
      at += 2;
    } else if (Object.hasOwn(kind.numbers, word)) {
      [bare, at] = numbersFrom(words, at + 1);
      if (bare.length === 0) throw new DressFault(`"${word}" of "${name}" needs a number.`);
      numbers[word] = bare;
    } else break;
  }
  return [{ name, colour, numbers, colours }, at];
}

/**
 * A marking of the body.
 *
 * Errors: throws a `DressFault` that names the word.
 * @example readMarking('bars ink 11 37 68 w 8').numbers // { at: [11, 37, 68], w: [8] }
 */
export function readMarking(text: string): Marking {
  const words = wordsOf(text);
  if (words.length === 0) throw new DressFault('A marking says nothing.');
  const [marking, at] = markingFrom(MARKS, words, 0);
  if (at < words.length) throw new DressFault(`"${words[at] as string}" is no word of "${marking.name}".`);
  return marking;
}

/** What the words of a fin say: its shape as far as they depart from the plan, and its paint. */
export interface FinWords {
  /** No such fin at all. */
  readonly isNone: boolean;
  readonly type: string | null;
  readonly numbers: readonly number[];
  readonly paint: FinPaint | null;
}

/**
 * A fin: a type and its numbers where they depart from the plan, then colours from base to margin ("navy>sky"), opacity
 * ("a 0.8") and marks.
 *
 * Errors: throws a `DressFault` that names the word.
 */
export function readFin(text: string): FinWords {
  const words = wordsOf(text);
  let type: string | null = null;
  let colours: readonly string[] = [];
  let opacity = 0.8;
  const marks: Marking[] = [];
  let at = 0;
  if (words[0] === 'none') return { isNone: true, type, numbers: [], paint: null };
  const first = words[0] as string;
  if (Object.hasOwn(EDGE_FINS, first) || Object.hasOwn(TAIL_FINS, first) || first === 'threads') {
    type = first;
    at = 1;
  }
  const [numbers, after] = numbersFrom(words, at);
  at = after;
  while (at < words.length) {
    const word = words[at] as string;
    if (word === 'a') {
      opacity = Number(words[at + 1]);
      if (Number.isNaN(opacity)) throw new DressFault('"a" needs a number.');
      at += 2;
    } else if (Object.hasOwn(FIN_MARKS, word)) {
      const [marking, next] = markingFrom(FIN_MARKS, words, at);
      marks.push(marking);
      at = next;
    } else if (word.split('>').every(isColour)) {
      colours = word.split('>');
      at += 1;
    } else throw new DressFault(`"${word}" is no word of a fin.`);
  }
  return {
    isNone: false,
    type,
    numbers,
    paint: colours.length > 0 || marks.length > 0 ? { colours, opacity, marks } : null,
  };
}

/** Words with their numbers: "deep 0.9 hump 4 12 8". */
export function readShape(text: string): ReadonlyMap<string, readonly number[]> {
  const words = wordsOf(text);
  const out = new Map<string, readonly number[]>();
  for (let at = 0; at < words.length;) {
    const word = words[at] as string;
    const [numbers, next] = numbersFrom(words, at + 1);
    if (numbers.length === 0) throw new DressFault(`"${word}" of the shape needs a number.`);
    out.set(word, numbers);
    at = next;
  }
  return out;
}
