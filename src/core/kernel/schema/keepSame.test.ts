import fc from 'fast-check';
import { canonicalJson } from './canonicalJson';
import { keepSame } from './keepSame';

const group = (key: string, count: number) => ({ key, group: { species: key, count } });

describe('what stays the same', () => {
  it('is the same object, item by item, also when an item before it goes', () => {
    const before = { name: 'Fen', groups: [group('a', 6), group('b', 1), group('c', 2)] };
    const after = keepSame(before, { name: 'Fen', groups: [group('b', 1), group('c', 3), group('d', 1)] });
    expect(after.groups[0]).toBe(before.groups[1]);
    expect(after.groups[1]).toEqual(group('c', 3));
    expect(after.groups).toHaveLength(3);
  });

  it('is the whole where nothing changed', () => {
    const before = { name: 'Fen', groups: [group('a', 6)], note: undefined };
    expect(keepSame(before, { name: 'Fen', groups: [group('a', 6)] })).toBe(before);
  });

  it('is not taken from what had more', () => {
    expect(keepSame({ a: 1, b: 2 }, { a: 1 })).toEqual({ a: 1 });
    expect(keepSame([1, 2], [1])).toEqual([1]);
    expect(keepSame(null, { a: 1 })).toEqual({ a: 1 });
  });

  it('never changes what is said', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (before, after) => {
        expect(canonicalJson(keepSame(before, after))).toBe(canonicalJson(after));
      }),
    );
  });
});
