import { object, string, ValidationError } from 'yup';
import { faultOf, under, validate, valueAt } from './faults';
import { groupField, numberField, says } from './fields';

describe('where in a value a fault is', () => {
  it('is told by the place of the part in the whole', () => {
    const faults = [faultOf('count', { is: 'filled' }), faultOf('', { is: 'object' }, 7)];
    expect(under('groups[2]', faults).map(({ path }) => path)).toEqual(['groups[2].count', 'groups[2]']);
    expect(under('groups[2]', faults)[1]).toMatchObject({
      expected: { is: 'object' },
      received: { is: 'value', text: '7' },
    });
  });
  it('is found again by its path', () => {
    const root = { groups: [{ a: 1 }, { 'odd name': 2, deep: { x: [3] } }], none: null, text: 'abc' };
    expect(valueAt(root, 'groups[1].deep.x[0]')).toBe(3);
    expect(valueAt(root, 'groups[1]["odd name"]')).toBe(2);
    expect(valueAt(root, 'groups')).toBe(root.groups);
    expect(valueAt(root, '')).toBe(root);
    for (const path of ['groups[7].a', 'none.x', 'text.length', 'toString', 'groups[0].a.b'])
      expect(valueAt(root, path)).toBeUndefined();
  });
});

describe('a value against a schema', () => {
  const schema = groupField({ low: numberField(0, 5), high: numberField(0, 5) });
  it('is given back as the same object', () => {
    const value = { low: 1, high: 2 };
    const read = validate(schema, value);
    expect(read).toEqual({ ok: true, value });
    expect(read.ok && read.value).toBe(value);
  });
  it('has every fault told, each place once, with what stood there', () => {
    expect(validate(schema, { low: 'x', high: 9 })).toEqual({
      ok: false,
      faults: [
        {
          path: 'low',
          expected: expect.objectContaining({ is: 'number' }),
          received: { is: 'value', text: '"x"' },
        },
        {
          path: 'high',
          expected: expect.objectContaining({ is: 'number' }),
          received: { is: 'value', text: '9' },
        },
      ],
    });
    const twice = object({
      name: string()
        .min(4, says({ is: 'filled' }))
        .matches(/z/, { message: says({ is: 'text' }) }),
    });
    expect(validate(twice, { name: 'a' })).toMatchObject({
      faults: [{ path: 'name', expected: { is: 'filled' } }],
    });
  });
  it('that is wrong as a whole has an empty path', () =>
    expect(validate(schema, 7)).toMatchObject({
      ok: false,
      faults: [{ path: '', expected: { is: 'object' } }],
    }));
  it('lets through what is no fault of the value', () => {
    const odd = string().test('odd', () => {
      throw new RangeError('not a fault of the value');
    });
    expect(() => validate(odd, 'x')).toThrow(RangeError);
    expect(new ValidationError('x').inner).toEqual([]);
  });
});
