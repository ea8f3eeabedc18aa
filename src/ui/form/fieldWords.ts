import type { Schema } from 'yup';
import {
  keeperUnit,
  keptUnit,
  type QuantityKind,
  toCore,
  type UnitChoice,
  type UnitDefinition,
} from '@/core/kernel';
import { formatQuantity, grouped, percent, plain } from '@/words/en';
import { describeField, keptUnitOf, type Described } from './typed';

/** Two ways to type each kind of quantity. */
const SUCH_AS: Readonly<Record<QuantityKind, string>> = {
  length: 'a measure such as 120 cm or 4 ft',
  area: 'an area such as 600 cm² or 90 sq in',
  volume: 'a volume such as 240 L or 75 gal',
  temperature: 'a temperature such as 25 °C or 77 °F',
  hardness: 'a hardness such as 5 °dH or 90 ppm',
  concentration: 'a figure such as 20 mg/L or 20 ppm',
  mass: 'a mass such as 12 kg or 26 lb',
  flow: 'a flow such as 1000 L/h or 260 gph',
  salinity: 'a salinity such as 2 ppt',
};

/** What to type, and what was typed instead. */
export const typedWords = (wanted: string, typed: string): string =>
  `Type ${wanted}.${typed.trim() === '' ? '' : ` You typed “${typed.trim()}”.`}`;

/** What to type where a quantity of a kind cannot be read, with what was typed. */
export const unreadWords = (kind: QuantityKind, typed: string): string => typedWords(SUCH_AS[kind], typed);

/** A count above this is no bound that anybody meets. */
const NO_BOUND = 10_000;

const paramOf = ({ tests }: Described, name: string): number | undefined => {
  for (const { params } of tests) {
    const value = params?.[name];
    if (typeof value === 'number') return value;
  }
  return undefined;
};

function numberWords(field: Described, write: (value: number) => string): string {
  const above = paramOf(field, 'more');
  const low = paramOf(field, 'min');
  const high = paramOf(field, 'max');
  const from = above === undefined ? (low === undefined ? '' : write(low)) : `more than ${write(above)}`;
  if (field.tests.some(({ name }) => name === 'integer'))
    return `a whole number from ${from}${high === undefined || high >= NO_BOUND ? '' : ` to ${write(high)}`}`;
  return above === undefined ? `${from} to ${write(high ?? 0)}` : `${from}, at most ${write(high ?? 0)}`;
}

const inUnits =
  (kept: UnitDefinition, choice: UnitChoice) =>
  (value: number): string =>
    formatQuantity(kept.kind, toCore(kept.kind, value, kept.id), keeperUnit(kept.kind, choice));

/** How a bound of a number field is written: in the keeper's unit, in percent, or as it is. */
const writer = ({ meta }: Described, kept: UnitDefinition | undefined, choice: UnitChoice) =>
  kept ? inUnits(kept, choice) : meta?.form === 'share' ? percent : plain;

/** Within which bounds a number of a field is taken, in the keeper's unit. */
export function boundWords(field: Schema, choice: UnitChoice): string {
  const kept = keptUnitOf(field);
  return `Type ${numberWords(describeField(field), writer(describeField(field), kept, choice))}.`;
}

/** What to type into a field, with an example, and what was typed. `test` is the name of the check that failed. */
export function fieldWords(field: Schema, test: string, typed: unknown, choice: UnitChoice): string {
  const described = describeField(field);
  const { type, meta } = described;
  const kept = meta?.unit && keptUnit(meta.unit);
  const blank = typeof typed !== 'string' || typed.trim() === '';
  const found = blank ? '' : ` You typed “${typed.trim()}”.`;
  if (test === 'past') return 'Choose today or earlier.';
  if (test === 'coming') return 'Choose a day to come.';
  if (meta?.form === 'day' || meta?.form === 'moment') return 'Choose a day.';
  if (meta?.choices) return 'Choose one.';
  if (type === 'number') {
    const unread = kept && (blank || test === 'typeError');
    return `Type ${unread ? SUCH_AS[kept.kind] : numberWords(described, writer(described, kept, choice))}.${found}`;
  }
  if (test === 'max') return `Type at most ${grouped(paramOf(described, 'max') ?? 0)} letters.`;
  return blank ? 'Fill this in.' : `Type ${String(described.label ?? 'something else')}.${found}`;
}
