import {
  choiceField,
  groupField,
  listField,
  noteField,
  numberField,
  positiveField,
  rangeField,
  textField,
  wholeField,
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
