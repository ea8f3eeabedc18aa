import {
  array,
  boolean,
  mixed,
  number,
  object,
  string,
  tuple,
  type AnyObject,
  type ArraySchema,
  type ObjectShape,
  type Schema,
} from 'yup';
import { isDay, isMoment } from '../time/calendar';
import type { In, KeptUnit } from '../units/quantities';

/**
 * Building blocks of every schema. Their messages are the words after "expected", so that one sentence serves files,
 * forms and the command line.
 */

export const textField = (meaning: string) =>
  string()
    .typeError(`${meaning} as text`)
    .required(meaning)
    .nonNullable(meaning)
    .max(10_000, `${meaning} of at most 10,000 characters`);

export const noteField = (meaning: string) =>
  string()
    .typeError(`${meaning} as text`)
    .defined(meaning)
    .nonNullable(meaning)
    .max(10_000, `${meaning} of at most 10,000 characters`);

const finite = (value: unknown): boolean => value === undefined || value === null || Number.isFinite(value);

/** A finite number within [low, high], both included. */
export const numberField = (meaning: string, low: number, high: number) => boundedField(meaning, low, high);

/** A share within [low, 1], kept as a fraction; forms show and read it in percent. */
export const shareField = (meaning: string, low: number) =>
  boundedField(meaning, low, 1).meta({ form: 'share' });

/** A number above nothing and at most `high`. */
export const positiveField = (meaning: string, high: number) => aboveZeroField(meaning, high);

/** A quantity within [low, high] in the unit it is kept in; forms read it in any unit of its kind. */
export const quantityField = <U extends KeptUnit>(unit: U, meaning: string, low: number, high: number) =>
  boundedField<In<U>>(`${meaning} in ${unit}`, low, high).meta({ unit });

/** A quantity above nothing and at most `high`, in the unit it is kept in. */
export const positiveQuantityField = <U extends KeptUnit>(unit: U, meaning: string, high: number) =>
  aboveZeroField<In<U>>(`${meaning} in ${unit}`, high).meta({ unit });

function boundedField<N extends number = number>(meaning: string, low: number, high: number) {
  const words = `${meaning} from ${low} to ${high}`;
  return number<N>()
    .typeError(words)
    .required(words)
    .nonNullable(words)
    .min(low, words)
    .max(high, words)
    .test('finite', words, finite);
}

function aboveZeroField<N extends number = number>(meaning: string, high: number) {
  const words = `${meaning} above 0 and at most ${high}`;
  return number<N>()
    .typeError(words)
    .required(words)
    .nonNullable(words)
    .moreThan(0, words)
    .max(high, words)
    .test('finite', words, finite);
}

export const wholeField = (meaning: string, low: number, high: number) => {
  const words = `${meaning}, a whole number from ${low} to ${high}`;
  return number()
    .typeError(words)
    .required(words)
    .nonNullable(words)
    .integer(words)
    .min(low, words)
    .max(high, words);
};

export const yesNoField = (meaning: string) => {
  const words = `${meaning}: true or false`;
  return boolean().typeError(words).required(words).nonNullable(words);
};

export const choiceField = <const T extends string>(meaning: string, choices: readonly T[]) => {
  const words = `${meaning}: one of ${choices.join(', ')}`;
  return mixed<T>(
    (value): value is T => typeof value === 'string' && (choices as readonly string[]).includes(value),
  )
    .typeError(words)
    .required(words)
    .nonNullable(words)
    .meta({ choices });
};

export const listField = <T>(meaning: string, of: Schema): ArraySchema<T[], AnyObject> => {
  const words = `${meaning} as a list`;
  return array().typeError(words).of(of).required(words).nonNullable(words) as unknown as ArraySchema<
    T[],
    AnyObject
  >;
};

/** A range of a quantity, [lowest, highest], in the unit it is kept in. */
export const quantityRangeField = <U extends KeptUnit>(unit: U, meaning: string, low: number, high: number) =>
  rangeField<In<U>>(`${meaning} in ${unit}`, low, high);

/** A range [low, high] in order and within bounds. */
export const rangeField = <N extends number = number>(meaning: string, low: number, high: number) => {
  const words = `${meaning} as [lowest, highest], in order, from ${low} to ${high}`;
  return tuple<[N, N]>([number<N>().required(words), number<N>().required(words)])
    .typeError(words)
    .required(words)
    .nonNullable(words)
    .test('range', words, (pair) => {
      if (pair === null || pair === undefined) return true;
      if (!Array.isArray(pair)) return false;
      const [a, b] = pair as [unknown, unknown];
      return typeof a === 'number' && typeof b === 'number' && a <= b && a >= low && b <= high;
    })
    .meta({ range: [low, high] });
};

export const groupField = <S extends ObjectShape>(meaning: string, shape: S) =>
  object(shape)
    .typeError(`${meaning} as an object`)
    .required(`${meaning} as an object`)
    .nonNullable(`${meaning} as an object`);

/** A day of the calendar, `2026-02-28`; a day that no calendar has (`2026-02-30`) is refused. */
export const dayField = (meaning: string) =>
  textField(meaning)
    .test('day', `${meaning} as a day of the calendar, such as 2026-03-01`, (value) =>
      value === undefined || value === null ? true : isDay(value),
    )
    .meta({ form: 'day' });

/** A moment in Coordinated Universal Time, `2026-02-28T10:15:00.000Z`; one that no clock shows is refused. */
export const momentField = (meaning: string) =>
  textField(meaning)
    .test('moment', `${meaning} as an ISO date and time, such as 2026-03-01T10:15:00.000Z`, (value) =>
      value === undefined || value === null ? true : isMoment(value),
    )
    .meta({ form: 'moment' });

/** A field that says who or where: asked of the room as well as of the letters it is made of. */
export type Reference = 'tank' | 'resident' | 'species';

/** Marks a field as the name of something that has to be in the room. */
export const refersTo = <S extends Schema>(what: Reference, field: S): S => field.meta({ refersTo: what });

/** Words by name, such as a measure as it was typed: letters and digits as names, at most 64 short texts. */
export const wordsField = (meaning: string) => {
  const words = `${meaning}: at most ${MOST_WORDS} short texts by name`;
  return mixed<Record<string, string>>((value): value is Record<string, string> => isWords(value))
    .typeError(words)
    .nonNullable(words)
    .meta({ words: true });
};

const MOST_WORDS = 64;
const LONGEST_WORD = 200;

function isWords(value: unknown): boolean {
  if (value === null || typeof value !== 'object' || Array.isArray(value)) return false;
  const all = Object.entries(value);
  return (
    all.length <= MOST_WORDS &&
    all.every(
      ([name, text]) =>
        name.length <= LONGEST_WORD && typeof text === 'string' && text.length <= LONGEST_WORD,
    )
  );
}
