import { array, boolean, lazy, mixed, number, object, type Schema, string, tuple } from 'yup';
import { quickCheck } from './quickCheck';

const check = (schema: Schema) => quickCheck(schema)!;

describe('a quick check of', () => {
  it.each<[string, Schema, readonly unknown[], readonly unknown[]]>([
    ['texts', string().required().defined(), ['x'], ['', 7, null, undefined, ['x']]],
    ['texts of a length', string().defined().min(2).max(3), ['ab', 'abc'], ['a', 'abcd']],
    ['texts of a pattern', string().defined().matches(/^a+$/), ['aa'], ['ab', '']],
    ['numbers', number().defined(), [0, -1.5], [Number.NaN, '0', null, true]],
    ['numbers within bounds', number().defined().min(1).max(3), [1, 3], [0.9, 3.1]],
    ['numbers above one', number().defined().moreThan(1), [1.1], [1, 0]],
    ['whole numbers', number().defined().integer(), [4], [4.5]],
    ['yes and no', boolean().defined(), [true, false], ['true', 0]],
    ['one of some', number().defined().oneOf([1, 2]), [1, 2], [3, '1']],
    [
      'choices',
      mixed()
        .defined()
        .meta({ choices: ['a', 'b'] }),
      ['a'],
      ['c', 7],
    ],
    ['what has a type of its own', mixed((value): value is 7 => value === 7).defined(), [7], [8, '7']],
    [
      'pairs',
      tuple([number().defined(), number().defined()]).defined(),
      [[1, 2]],
      [[1], [1, 2, 3], ['1', 2], [1, '2'], [Number.NaN, 2], [1, Number.NaN], { 0: 1, 1: 2, length: 2 }],
    ],
    ['lists', array().of(number().defined()).defined(), [[], [1, 2]], [[1, 'x'], {}, 'x']],
    ['lists of anything', array().defined(), [[], ['x', 1]], [{}]],
    [
      'objects',
      object({ a: number().defined(), b: string().optional() }),
      [{ a: 1 }, { a: 1, b: 'x', c: 2 }],
      [{}, { a: 'x' }, { a: 1, b: 2 }, [1], 'x', 7],
    ],
  ])('%s', (_name, schema, taken, refused) => {
    for (const value of taken) {
      expect([value, check(schema)(value)]).toEqual([value, true]);
      expect(schema.isValidSync(value, { strict: true })).toBe(true);
    }
    for (const value of refused) expect([value, check(schema)(value)]).toEqual([value, false]);
  });

  it('nothing and null goes by what is said of them', () => {
    const both = number().optional().nullable();
    expect([check(both)(undefined), check(both)(null)]).toEqual([true, true]);
    const neither = number().defined().nonNullable();
    expect([check(neither)(undefined), check(neither)(null)]).toEqual([false, false]);
  });

  it('a part of the prototype is none', () => {
    expect(check(object({ toString: string().defined() }))({})).toBe(false);
  });

  it('what it does not know is left to the schema', () => {
    const odd = number().test('odd', 'is odd', (value) => (value ?? 0) % 2 === 1);
    const named = number().test('toString', 'is odd', (value) => (value ?? 0) % 2 === 1);
    for (const schema of [
      odd,
      named,
      object({ a: odd }),
      array().of(odd),
      lazy(() => number()) as unknown as Schema,
    ])
      expect(quickCheck(schema)).toBeNull();
    expect(quickCheck(string().matches(/a/g))).toBeNull();
  });

  it('a schema is made once', () => {
    const schema = number().defined();
    expect(quickCheck(schema)).toBe(quickCheck(schema));
  });
});
