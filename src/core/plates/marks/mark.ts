import type { Marking } from '../animal';
import type { Easel } from '../easel';

/** What a marking is called with, read by name. */
export interface Values {
  readonly colour: string;
  /** The first number of a word, or another of its numbers. */
  readonly one: (word: string, index?: number) => number;
  /** All numbers of a word. */
  readonly all: (word: string) => readonly number[];
  /** A second colour, where the dress names one. */
  readonly colourOf: (word: string) => string | null;
}

/** A kind of marking on the body: what it can be told, and how it is drawn. */
export interface Mark {
  /** The word that bare numbers after the colour belong to. */
  readonly main: string;
  /** Words with what holds where a dress says nothing; a list may be longer in a dress. */
  readonly numbers: Readonly<Record<string, readonly number[]>>;
  /** Words that take a colour. */
  readonly colours?: readonly string[];
  readonly draw: (easel: Easel, values: Values) => string;
}

/** The numbers of a dress over the defaults of its mark. */
export function valuesOf(mark: Pick<Mark, 'numbers'>, marking: Omit<Marking, 'name'>): Values {
  const all = (word: string): readonly number[] => {
    const [given, usual] = [marking.numbers[word] ?? [], mark.numbers[word] ?? []];
    return [...given, ...usual.slice(given.length)];
  };
  return {
    colour: marking.colour,
    all,
    one: (word, index = 0) => all(word)[index] ?? 0,
    colourOf: (word) => marking.colours[word] ?? null,
  };
}

/** Numbers in threes. */
export const triplesOf = (flat: readonly number[]): readonly (readonly [number, number, number])[] =>
  Array.from({ length: Math.floor(flat.length / 3) }, (_, i) => [
    flat[3 * i] as number,
    flat[3 * i + 1] as number,
    flat[3 * i + 2] as number,
  ]);

/** A soft edge: a half-transparent line around a shape. None at the roughest detail. */
export const halo = (hex: string, width: number, opacity: number, isRough: boolean) =>
  width > 0 && !isRough ? { stroke: hex, 'stroke-opacity': opacity, 'stroke-width': width } : {};
