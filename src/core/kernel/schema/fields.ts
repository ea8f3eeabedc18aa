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
import type { Expected, Reference } from './expected';

/** What a check says when it fails. Yup takes any object for a message. */
export const says = (expected: Expected): Record<PropertyKey, unknown> => ({ ...expected });

/**
 * Building blocks of every schema. What they say when they fail are facts (`Expected`), so that one place has the words
 * for files, forms and the command line.
 */

/** Texts hold no more letters than this. */
const MOST_LETTERS = 10_000;
const TEXT = says({ is: 'text' });
const FILLED = says({ is: 'filled' });
const SHORT = says({ is: 'text', most: MOST_LETTERS });

/** Text that may not be empty. */
export const textField = () =>
  string().typeError(TEXT).required(FILLED).nonNullable(FILLED).max(MOST_LETTERS, SHORT);

/** Text that may be empty, but not absent. */
export const noteField = () =>
  string().typeError(TEXT).defined(FILLED).nonNullable(FILLED).max(MOST_LETTERS, SHORT);

const finite = (value: unknown): boolean => value === undefined || value === null || Number.isFinite(value);

/** A finite number within [low, high], both included. */
export const numberField = (low: number, high: number) => boundedField(low, high);

/** A share within [low, 1], kept as a fraction; forms show and read it in percent. */
export const shareField = (low: number) => boundedField(low, 1).meta({ form: 'share' });

/** A number above nothing and at most `high`. */
export const positiveField = (high: number) => aboveZeroField(high);

/**
 * A quantity within [low, high] in the unit it is kept in; forms read it in any unit of its kind.
 * @example quantityField('°C', 0, 45).isValidSync(25) // true
 */
export const quantityField = <U extends KeptUnit>(unit: U, low: number, high: number) =>
  boundedField<In<U>>(low, high, unit).meta({ unit });

/** A quantity above nothing and at most `high`, in the unit it is kept in. */
export const positiveQuantityField = <U extends KeptUnit>(unit: U, high: number) =>
  aboveZeroField<In<U>>(high, unit).meta({ unit });

function boundedField<N extends number = number>(low: number, high: number, unit?: KeptUnit) {
  const why = says({ is: 'number', from: low, to: high, unit });
  return number<N>()
    .typeError(why)
    .required(why)
    .nonNullable(why)
    .min(low, why)
    .max(high, why)
    .test('finite', why, finite);
}

function aboveZeroField<N extends number = number>(high: number, unit?: KeptUnit) {
  const why = says({ is: 'positive', to: high, unit });
  return number<N>()
    .typeError(why)
    .required(why)
    .nonNullable(why)
    .moreThan(0, why)
    .max(high, why)
    .test('finite', why, finite);
}

export const wholeField = (low: number, high: number) => {
  const why = says({ is: 'whole', from: low, to: high });
  return number().typeError(why).required(why).nonNullable(why).integer(why).min(low, why).max(high, why);
};

export const yesNoField = () => {
  const why = says({ is: 'yes or no' });
  return boolean().typeError(why).required(why).nonNullable(why);
};

export const choiceField = <const T extends string>(choices: readonly T[]) => {
  const why = says({ is: 'choice', of: choices });
  return mixed<T>(
    (value): value is T => typeof value === 'string' && (choices as readonly string[]).includes(value),
  )
    .typeError(why)
    .required(why)
    .nonNullable(why)
    .meta({ choices });
};

/** A list of at least so many and at most so many; how many is told apart from what is no list. */
export const listField = <T>(
  of: Schema,
  { least, most }: { readonly least?: number; readonly most?: number } = {},
): ArraySchema<T[], AnyObject> => {
  const why = says({ is: 'list' });
  const count = says({ is: 'list', ...(least ? { least } : {}), ...(most ? { most } : {}) });
  let list = array().typeError(why).of(of).required(why).nonNullable(why);
  if (least !== undefined) list = list.min(least, count);
  if (most !== undefined) list = list.max(most, count);
  return list as unknown as ArraySchema<T[], AnyObject>;
};

/** A range of a quantity, [lowest, highest], in the unit it is kept in. */
export const quantityRangeField = <U extends KeptUnit>(unit: U, low: number, high: number) =>
  rangeField<In<U>>(low, high, unit);

/** A range [low, high] in order and within bounds. */
export const rangeField = <N extends number = number>(low: number, high: number, unit?: KeptUnit) => {
  const why = says({ is: 'range', from: low, to: high, unit });
  const end = number<N>().typeError(why).required(why);
  return tuple<[N, N]>([end, end])
    .typeError(why)
    .required(why)
    .nonNullable(why)
    .test('range', why, (pair) => {
      if (pair === null || pair === undefined) return true;
      if (!Array.isArray(pair)) return false;
      const [a, b] = pair as [unknown, unknown];
      return typeof a === 'number' && typeof b === 'number' && a <= b && a >= low && b <= high;
    })
    .meta({ range: [low, high] });
};

export const groupField = <S extends ObjectShape>(shape: S) => {
  const why = says({ is: 'object' });
  return object(shape).typeError(why).required(why).nonNullable(why);
};

/** A day of the calendar, `2026-02-28`; a day that no calendar has (`2026-02-30`) is refused. */
export const dayField = () =>
  textField()
    .test('day', says({ is: 'day' }), (value) =>
      value === undefined || value === null ? true : isDay(value),
    )
    .meta({ form: 'day' });

/** A moment in Coordinated Universal Time, `2026-02-28T10:15:00.000Z`; one that no clock shows is refused. */
export const momentField = () =>
  textField()
    .test('moment', says({ is: 'moment' }), (value) =>
      value === undefined || value === null ? true : isMoment(value),
    )
    .meta({ form: 'moment' });

/** A month, `2027-06`. */
export const monthField = () => {
  const why = says({ is: 'month' });
  return string()
    .typeError(why)
    .matches(/^\d{4}-(0[1-9]|1[0-2])$/, { message: why })
    .nonNullable(why);
};

/** The word by which a file says what it is. */
export const formatField = <const T extends string>(format: T) => {
  const why = says({ is: 'format', of: [format] });
  return mixed<T>((value): value is T => value === format)
    .typeError(why)
    .required(why);
};

/** The version of a file of which there is one version yet. */
export const firstVersionField = () => {
  const why = says({ is: 'version', to: 1, newer: false });
  return number().typeError(why).required(why).oneOf([1], why);
};

/** Marks a field as the name of something that has to be in the room. */
export const refersTo = <S extends Schema>(what: Reference, field: S): S => field.meta({ refersTo: what });

/** Words by name, such as a measure as it was typed: letters and digits as names, at most 64 short texts. */
export const wordsField = () => {
  const why = says({ is: 'texts', most: MOST_WORDS });
  return mixed<Record<string, string>>((value): value is Record<string, string> => isWords(value))
    .typeError(why)
    .nonNullable(why)
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
