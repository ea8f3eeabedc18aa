import { ValidationError, type Schema } from 'yup';
import { eventFields } from '@/core/events/events';
import { choiceField, noteField, textField, wholeField } from '@/core/kernel/schema/fields';
import { planTankFields } from '@/core/model/plan';
import { comingDay, pastDay } from './dayFields';
import { fieldWords } from './fieldWords';
import { typedSchema } from './typed';

const METRIC = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' };
const US = { length: 'in', volume: 'gal', temperature: 'F', hardness: 'ppmCaCO3' };
const today = () => '2026-11-28';
const FIELDS = {
  ...eventFields('tested'),
  lengthCm: eventFields('measured').lengthCm,
  glassMm: planTankFields.glassMm,
  count: wholeField(1, 10_000),
  males: wholeField(0, 8),
  name: textField(),
  note: noteField(),
  about: noteField().optional(),
  sex: choiceField(['male', 'female']),
  on: pastDay(today),
  until: comingDay(today),
};

/** What a field reads, or the words that it answers with. */
function type(name: keyof typeof FIELDS, typed: unknown, choice = METRIC): unknown {
  const field: Schema = FIELDS[name];
  const schema = typedSchema({ [name]: field }, choice);
  try {
    return (schema.validateSync({ [name]: typed }) as Record<string, unknown>)[name];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return fieldWords(field, error.type ?? '', typed, choice);
  }
}

describe('what is typed into a form', () => {
  it.each([
    ['lengthCm', '2 in', METRIC, 5.08],
    ['lengthCm', '2', US, 5.08],
    ['lengthCm', '7,5', METRIC, 7.5],
    ['lengthCm', ' 1/2 in ', METRIC, 1.27],
    ['glassMm', '3/8 in', US, 9.525],
    ['glassMm', '1 cm', METRIC, 10],
    ['temperatureC', '77', US, 25],
    ['temperatureC', '77 F', METRIC, 25],
    ['ghDh', '90 ppm', METRIC, 5.043],
    ['ph', '7,2', US, 7.2],
    ['count', '12', METRIC, 12],
    ['name', ' Fen ', METRIC, 'Fen'],
    ['note', '  ', METRIC, ''],
    ['on', '2026-11-28', METRIC, '2026-11-28'],
  ] as const)('%s "%s" is kept as the core keeps it', (name, typed, choice, kept) =>
    expect(type(name, typed, choice)).toBe(kept),
  );
  it.each(['temperatureC', 'glassMm', 'about', 'until'] as const)('%s may stay blank', (name) =>
    expect(type(name, ' ')).toBeUndefined(),
  );
  it.each([
    ['lengthCm', 'wide', METRIC, 'Type a measure such as 120 cm or 4 ft. You typed “wide”.'],
    ['lengthCm', '', METRIC, 'Type a measure such as 120 cm or 4 ft.'],
    ['lengthCm', '0', METRIC, 'Type more than 0 cm, at most 400 cm. You typed “0”.'],
    ['lengthCm', '20 ft', US, 'Type more than 0 in, at most 157.5 in. You typed “20 ft”.'],
    ['temperatureC', '120', US, 'Type 32 °F to 113 °F. You typed “120”.'],
    ['nitrateMgL', '501', METRIC, 'Type 0 mg/L to 500 mg/L. You typed “501”.'],
    ['ph', '2', METRIC, 'Type 3 to 11. You typed “2”.'],
    ['count', '2.5', METRIC, 'Type a whole number from 1. You typed “2.5”.'],
    ['count', '', METRIC, 'Type a whole number from 1.'],
    ['males', '9', METRIC, 'Type a whole number from 0 to 8. You typed “9”.'],
    ['name', ' ', METRIC, 'Fill this in.'],
    ['note', 'x'.repeat(10_001), METRIC, 'Type at most 10,000 letters.'],
    ['sex', '', METRIC, 'Choose one.'],
    ['on', '', METRIC, 'Choose a day.'],
    ['on', '2026-02-30', METRIC, 'Choose a day.'],
    ['on', '2026-11-29', METRIC, 'Choose today or earlier.'],
    ['until', '2026-11-28', METRIC, 'Choose a day to come.'],
  ] as const)('%s "%s" is answered in the keeper’s units', (name, typed, choice, words) =>
    expect(type(name, typed, choice)).toBe(words),
  );
});
