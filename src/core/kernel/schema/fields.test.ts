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

/** Null when a value passes strictly, and the words after "expected" when it does not. */
const refusal = (schema: Schema, value: unknown): string | null => {
  try {
    schema.validateSync(value, { strict: true });
    return null;
  } catch (error) {
    return (error as Error).message;
  }
};

describe('numbers of a file', () => {
  const ph = numberField('a pH', 3, 12);
  it.each([3, 7.25, 12])('takes %d', (value) => expect(refusal(ph, value)).toBeNull());
  it.each([2.99, 12.01, Number.NaN, Number.POSITIVE_INFINITY, '7', null, undefined, [7], {}])(
    'refuses %p with its range',
    (value) => expect(refusal(ph, value)).toBe('a pH from 3 to 12'),
  );
  it('takes a length above nothing only', () => {
    const length = positiveField('a length in cm', 2000);
    expect(refusal(length, 0.1)).toBeNull();
    for (const value of [0, -1, 2000.5, Number.POSITIVE_INFINITY])
      expect(refusal(length, value)).toBe('a length in cm above 0 and at most 2000');
  });
  it('takes whole numbers of animals only', () => {
    const count = wholeField('a count', 1, 500);
    expect(refusal(count, 500)).toBeNull();
    for (const value of [0, 1.5, 501, '3'])
      expect(refusal(count, value)).toBe('a count, a whole number from 1 to 500');
  });
});

describe('ranges of a file', () => {
  const range = rangeField('a range of °C', 0, 45);
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
  ])('refuses %s', (_why, value) =>
    expect(refusal(range, value)).toBe('a range of °C as [lowest, highest], in order, from 0 to 45'),
  );
});

describe('words of a file', () => {
  it('takes text, but neither an empty one nor one without end', () => {
    const name = textField('a name');
    expect(refusal(name, 'Skerry')).toBeNull();
    expect(refusal(name, '')).toBe('a name');
    expect(refusal(name, 'x'.repeat(10_001))).toBe('a name of at most 10,000 characters');
    expect(refusal(name, 5)).toBe('a name as text');
  });
  it('lets a note be empty, but not absent', () => {
    const note = noteField('a note');
    expect(refusal(note, '')).toBeNull();
    expect(refusal(note, undefined)).toBe('a note');
    expect(refusal(note, null)).toBe('a note');
  });
  it('lists the choices that there are', () => {
    const sex = choiceField('a sex', ['male', 'female']);
    expect(refusal(sex, 'male')).toBeNull();
    for (const value of ['Male', '', null, 1]) expect(refusal(sex, value)).toBe('a sex: one of male, female');
  });
  it('takes no word for yes or no', () => {
    const sure = yesNoField('sure');
    expect(refusal(sure, false)).toBeNull();
    for (const value of ['true', 1, null]) expect(refusal(sure, value)).toBe('sure: true or false');
  });
});

describe('lists and groups of a file', () => {
  const tank = groupField('a tank', { lengthCm: positiveField('a length in cm', 2000) });
  it('takes an empty list, and refuses what is none', () => {
    const tanks = listField('tanks', tank);
    expect(refusal(tanks, [])).toBeNull();
    expect(refusal(tanks, [{ lengthCm: 60 }])).toBeNull();
    expect(refusal(tanks, { 0: { lengthCm: 60 } })).toBe('tanks as a list');
    expect(refusal(tanks, null)).toBe('tanks as a list');
  });
  it('names the place of what is wrong inside', () => {
    const tanks = listField('tanks', tank);
    let path: string | undefined;
    try {
      tanks.validateSync([{ lengthCm: 60 }, { lengthCm: -1 }], { strict: true });
    } catch (error) {
      path = (error as { path?: string }).path;
    }
    expect(path).toBe('[1].lengthCm');
  });
  it('refuses a group that is none', () => {
    for (const value of [null, 'a tank', 7]) expect(refusal(tank, value)).toBe('a tank as an object');
  });
});
