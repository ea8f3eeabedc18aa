import {
  choiceField,
  dayField,
  firstVersionField,
  formatField,
  groupField,
  listField,
  momentField,
  monthField,
  noteField,
  numberField,
  positiveField,
  positiveQuantityField,
  quantityField,
  rangeField,
  textField,
  wholeField,
  wordsField,
  yesNoField,
} from './fields';
import type { Schema } from 'yup';
import type { Expected } from './expected';
import { validate } from './faults';

/** Null when a value passes strictly, and what was expected when it does not. */
const refusal = (schema: Schema, value: unknown): Expected | null => {
  const read = validate(schema, value);
  return read.ok ? null : read.faults[0]!.expected;
};

describe('numbers of a file', () => {
  const ph = numberField(3, 12);
  it.each([3, 7.25, 12])('takes %d', (value) => expect(refusal(ph, value)).toBeNull());
  it.each([2.99, 12.01, Number.NaN, Number.POSITIVE_INFINITY, '7', null, undefined, [7], {}])(
    'refuses %p with its range',
    (value) => expect(refusal(ph, value)).toEqual({ is: 'number', from: 3, to: 12 }),
  );
  it('takes a length above nothing only', () => {
    const length = positiveField(2000);
    expect(refusal(length, 0.1)).toBeNull();
    for (const value of [0, -1, 2000.5, Number.POSITIVE_INFINITY])
      expect(refusal(length, value)).toEqual({ is: 'positive', to: 2000 });
  });
  it('takes whole numbers of animals only', () => {
    const count = wholeField(1, 500);
    expect(refusal(count, 500)).toBeNull();
    for (const value of [0, 1.5, 501, '3'])
      expect(refusal(count, value)).toEqual({ is: 'whole', from: 1, to: 500 });
  });
});

describe('ranges of a file', () => {
  const range = rangeField(0, 45);
  it.each([[[22, 26]], [[0, 45]], [[25, 25]]])('takes %p', (value) =>
    expect(refusal(range, value)).toBeNull(),
  );
  it.each([
    ['the wrong way round', [26, 22]],
    ['below its bounds', [-1, 20]],
    ['above its bounds', [20, 46]],
    ['one number', [22]],
    ['text', ['22', '26']],
    ['no list', 24],
    ['nothing', null],
    ['nothing in it', [null, 26]],
    ['no number', [Number.NaN, 26]],
  ])('refuses %s', (_why, value) => expect(refusal(range, value)).toEqual({ is: 'range', from: 0, to: 45 }));
});

describe('words of a file', () => {
  it('takes text, but neither an empty one nor one without end', () => {
    const name = textField();
    expect(refusal(name, 'Skerry')).toBeNull();
    expect(refusal(name, '')).toEqual({ is: 'filled' });
    expect(refusal(name, 'x'.repeat(10_001))).toEqual({ is: 'text', most: 10_000 });
    expect(refusal(name, 5)).toEqual({ is: 'text' });
  });
  it('lets a note be empty, but not absent', () => {
    const note = noteField();
    expect(refusal(note, '')).toBeNull();
    expect(refusal(note, undefined)).toEqual({ is: 'filled' });
    expect(refusal(note, null)).toEqual({ is: 'filled' });
  });
  it('lists the choices that there are', () => {
    const sex = choiceField(['male', 'female']);
    expect(refusal(sex, 'male')).toBeNull();
    for (const value of ['Male', '', null, 1])
      expect(refusal(sex, value)).toEqual({ is: 'choice', of: ['male', 'female'] });
  });
  it('takes no word for yes or no', () => {
    const sure = yesNoField();
    expect(refusal(sure, false)).toBeNull();
    for (const value of ['true', 1, null]) expect(refusal(sure, value)).toEqual({ is: 'yes or no' });
  });
});

describe('lists and groups of a file', () => {
  const tank = groupField({ lengthCm: positiveField(2000) });
  it('takes an empty list, and refuses what is none', () => {
    const tanks = listField(tank);
    expect(refusal(tanks, [])).toBeNull();
    expect(refusal(tanks, [{ lengthCm: 60 }])).toBeNull();
    expect(refusal(tanks, { 0: { lengthCm: 60 } })).toEqual({ is: 'list' });
    expect(refusal(tanks, null)).toEqual({ is: 'list' });
  });
  it('names the place of what is wrong inside', () => {
    const tanks = listField(tank);
    expect(validate(tanks, [{ lengthCm: 60 }, { lengthCm: -1 }])).toMatchObject({
      faults: [{ path: '[1].lengthCm', expected: { is: 'positive', to: 2000 } }],
    });
  });
  it('refuses a group that is none', () => {
    for (const value of [null, 'a tank', 7]) expect(refusal(tank, value)).toEqual({ is: 'object' });
  });
});

describe('quantities of a file', () => {
  it('say their unit when they are refused', () => {
    expect(refusal(quantityField('°C', 0, 45), 46)).toEqual({ is: 'number', from: 0, to: 45, unit: '°C' });
    expect(refusal(positiveQuantityField('cm', 200), 0)).toEqual({ is: 'positive', to: 200, unit: 'cm' });
    expect(quantityField('°C', 0, 45).describe().meta).toEqual({ unit: '°C' });
  });
});

describe('lists of a length', () => {
  const some = listField(numberField(0, 9), { least: 2, most: 3 });
  it.each([[[1, 2]], [[1, 2, 3]]])('takes %p', (value) => expect(refusal(some, value)).toBeNull());
  it.each([[[1]], [[1, 2, 3, 4]]])('refuses %p by its count', (value) =>
    expect(refusal(some, value)).toEqual({ is: 'list', least: 2, most: 3 }),
  );
  it('tells what is no list apart', () => expect(refusal(some, 7)).toEqual({ is: 'list' }));
  it('says only the limit that there is', () => {
    expect(refusal(listField(numberField(0, 9), { least: 1 }), [])).toEqual({ is: 'list', least: 1 });
    expect(refusal(listField(numberField(0, 9), { most: 1 }), [1, 2])).toEqual({ is: 'list', most: 1 });
  });
});

describe('days, moments and months of a file', () => {
  it.each<[string, Schema, unknown, Expected | null]>([
    ['a day', dayField(), '2028-02-29', null],
    ['a day that no calendar has', dayField(), '2027-02-29', { is: 'day' }],
    ['a moment for a day', dayField(), '2027-02-28T10:00:00.000Z', { is: 'day' }],
    ['no day', dayField(), null, { is: 'filled' }],
    ['a moment', momentField(), '2027-02-28T10:00:00.000Z', null],
    ['a moment that no clock shows', momentField(), '2027-02-28T25:00:00.000Z', { is: 'moment' }],
    ['no moment', momentField(), undefined, { is: 'filled' }],
    ['a month', monthField(), '2027-12', null],
    ['a thirteenth month', monthField(), '2027-13', { is: 'month' }],
    ['a month with a day', monthField(), '2027-12-01', { is: 'month' }],
    ['a month with words before it', monthField(), 'in 2027-12', { is: 'month' }],
  ])('%s', (_name, schema, value, expected) => expect(refusal(schema, value)).toEqual(expected));
  it('may be left out where that is said', () => {
    expect(refusal(dayField().optional(), undefined)).toBeNull();
    expect(refusal(momentField().nullable(), null)).toBeNull();
  });
});

describe('the head of a file', () => {
  it('takes its own word and its one version only', () => {
    const format = formatField('lomvik-plan');
    expect(refusal(format, 'lomvik-plan')).toBeNull();
    for (const value of ['lomvik', null, 7])
      expect(refusal(format, value)).toEqual({ is: 'format', of: ['lomvik-plan'] });
    const version = firstVersionField();
    expect(refusal(version, 1)).toBeNull();
    for (const value of [2, '1', null])
      expect(refusal(version, value)).toEqual({ is: 'version', to: 1, newer: false });
  });
});

describe('words by name', () => {
  const words = wordsField();
  const many = (count: number) => Object.fromEntries(Array.from({ length: count }, (_, i) => [`w${i}`, 'x']));
  it.each<[string, unknown]>([
    ['none', {}],
    ['some', { lengthCm: '4 ft', note: '' }],
    ['64 of them', many(64)],
    ['long ones', { ['n'.repeat(200)]: 'x'.repeat(200) }],
  ])('takes %s', (_name, value) => expect(refusal(words, value)).toBeNull());
  it.each<[string, unknown]>([
    ['a text', 'x'],
    ['a list', ['x']],
    ['null', null],
    ['65 of them', many(65)],
    ['a name that is too long', { ['n'.repeat(201)]: 'x', short: 'x' }],
    ['a text that is too long', { short: 'x', long: 'x'.repeat(201) }],
    ['a number among them', { short: 'x', count: 7 }],
    ['a list of one letter among them', { short: 'x', count: ['x'] }],
  ])('refuses %s', (_name, value) => expect(refusal(words, value)).toEqual({ is: 'texts', most: 64 }));
});
