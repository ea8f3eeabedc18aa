import fc from 'fast-check';
import { canonicalJson } from './canonicalJson';
import { mergeThree } from './mergeThree';

const KEYS = { groups: 'key' };
const item = fc.record({ key: fc.constantFrom('a', 'b', 'c', 'd'), n: fc.integer({ min: 0, max: 3 }) });
const items = fc.uniqueArray(item, { selector: ({ key }) => key, maxLength: 4 });
const body = fc.record({
  name: fc.constantFrom('x', 'y', 'z'),
  tank: fc.record({ lengthCm: fc.integer({ min: 1, max: 3 }), lid: fc.boolean() }),
  groups: items,
  done: fc.uniqueArray(fc.constantFrom('off', 'drain', 'on'), { maxLength: 3 }),
});
const same = (a: unknown, b: unknown): boolean => canonicalJson(a) === canonicalJson(b);

describe('merging two changes of one value', () => {
  it('takes the side that changed, when only one did', () => {
    fc.assert(
      fc.property(body, body, (base, mine) => {
        expect(mergeThree(base, mine, base, KEYS)).toEqual({ value: mine, conflicts: [] });
        expect(same(mergeThree(base, base, mine, KEYS).value, mine)).toBe(true);
        expect(mergeThree(base, mine, mine, KEYS).conflicts).toEqual([]);
      }),
    );
  });
  it('loses no item that either side added, and brings back none that either removed', () => {
    fc.assert(
      fc.property(items, items, items, (base, mine, theirs) => {
        const { value, conflicts } = mergeThree({ groups: base }, { groups: mine }, { groups: theirs }, KEYS);
        if (conflicts.length > 0) return;
        const keys = (all: readonly { key: string }[]): Set<string> => new Set(all.map(({ key }) => key));
        const [was, own, other, merged] = [
          keys(base),
          keys(mine),
          keys(theirs),
          keys((value as { groups: typeof base }).groups),
        ];
        for (const key of ['a', 'b', 'c', 'd']) {
          const stays = was.has(key) ? own.has(key) && other.has(key) : own.has(key) || other.has(key);
          expect(merged.has(key)).toBe(stays);
        }
      }),
    );
  });
  it('conflicts on the same parts, whichever side it is asked from', () => {
    fc.assert(
      fc.property(body, body, body, (base, mine, theirs) => {
        const paths = (a: unknown, b: unknown): readonly string[] =>
          mergeThree(base, a, b, KEYS)
            .conflicts.map(({ path }) => path)
            .sort();
        expect(paths(mine, theirs)).toEqual(paths(theirs, mine));
      }),
    );
  });
  it('names the part, and both sayings', () =>
    expect(
      mergeThree({ tank: { lengthCm: 1 } }, { tank: { lengthCm: 2 } }, { tank: { lengthCm: 3 } }),
    ).toMatchObject({
      conflicts: [{ path: 'tank.lengthCm', mine: 2, theirs: 3 }],
    }));
  it('merges what both made anew', () =>
    expect(mergeThree(null, { groups: [{ key: 'a' }] }, { groups: [{ key: 'b' }] }, KEYS)).toEqual({
      value: { groups: [{ key: 'b' }, { key: 'a' }] },
      conflicts: [],
    }));
  it('asks when one removes what the other changes', () =>
    expect(mergeThree({ a: 1 }, null, { a: 2 }).conflicts).toHaveLength(1));
  it('counts a list whose items cannot be told apart as one part', () =>
    expect(mergeThree({ p: [{ x: 1 }] }, { p: [{ x: 2 }] }, { p: [{ x: 3 }] }).conflicts).toMatchObject([
      { path: 'p' },
    ]));

  describe('lists', () => {
    const list = (...keys: (string | number)[]) => ({ done: keys });
    const merged = (base: unknown, mine: unknown, theirs: unknown) =>
      mergeThree(base, mine, theirs, KEYS).value as { readonly done: readonly unknown[] };
    it('stand in the order of the side that moved, what the other added after it', () => {
      expect(merged(list('a', 'b', 'c'), list('c', 'a', 'b'), list('a', 'b', 'c', 'd')).done).toEqual([
        'c',
        'a',
        'b',
        'd',
      ]);
      expect(merged(list('a', 'b', 'c'), list('a', 'b', 'c', 'd'), list('c', 'a', 'b')).done).toEqual([
        'c',
        'a',
        'b',
        'd',
      ]);
      // Where both moved it is mine.
      expect(merged(list('a', 'b', 'c'), list('c', 'a', 'b'), list('b', 'a', 'c')).done).toEqual([
        'c',
        'a',
        'b',
      ]);
    });
    it('are not moved by what is added or removed', () => {
      expect(merged(list('a', 'b', 'c'), list('x', 'a', 'c'), list('a', 'c', 'b')).done).toEqual([
        'a',
        'c',
        'x',
      ]);
      expect(merged(list('a', 'b'), list('b'), list('a', 'b', 'c')).done).toEqual(['b', 'c']);
    });
    it('may be of numbers, and are told apart by them', () =>
      expect(merged(list(1, 2), list(1, 2, 3), list(2)).done).toEqual([2, 3]));
    it('of items of one name, or of none, are one part', () => {
      const conflictsOf = (base: unknown, mine: unknown, theirs: unknown) =>
        mergeThree({ groups: base }, { groups: mine }, { groups: theirs }, KEYS).conflicts.map(
          ({ path }) => path,
        );
      const [a, b] = [
        { key: 'a', n: 1 },
        { key: 'b', n: 1 },
      ];
      expect(conflictsOf([a], [a, a], [a, b])).toEqual(['groups']);
      expect(conflictsOf([a], [a, b], [a, a])).toEqual(['groups']);
      expect(conflictsOf([a, a], [a], [a, b])).toEqual(['groups']);
      expect(conflictsOf([a], [a, { n: 2 }], [a, b])).toEqual(['groups']);
      expect(conflictsOf([a], [a, { key: true, n: 2 }], [a, b])).toEqual(['groups']);
      expect(conflictsOf([a], [a, null], [a, b])).toEqual(['groups']);
    });
    it('name the item in which both changed the same, by its key', () =>
      expect(
        mergeThree(
          { groups: [{ key: 'a', n: 1 }] },
          { groups: [{ key: 'a', n: 2 }] },
          { groups: [{ key: 'a', n: 3 }] },
          KEYS,
        ),
      ).toEqual({
        value: { groups: [{ key: 'a', n: 2 }] },
        conflicts: [{ path: 'groups[a].n', mine: 2, theirs: 3 }],
      }));
    it('that both made where something else stood are merged as new ones', () =>
      expect(mergeThree({ done: 'none' }, list('a'), list('b'))).toEqual({
        value: list('b', 'a'),
        conflicts: [],
      }));
    it('and what is no list are one part', () =>
      expect(mergeThree(list('a'), list('a', 'b'), { done: 'all' }).conflicts).toEqual([
        { path: 'done', mine: ['a', 'b'], theirs: 'all' },
      ]));
  });
  it('is one part where objects were made of something else, and of its parts where there was nothing', () => {
    expect(mergeThree(3, { a: 1 }, { b: 2 }).conflicts).toEqual([
      { path: '', mine: { a: 1 }, theirs: { b: 2 } },
    ]);
    for (const nothing of [null, undefined])
      expect(mergeThree(nothing, { a: 1 }, { b: 2 })).toEqual({ value: { a: 1, b: 2 }, conflicts: [] });
  });
  it('takes a part away that one side took away, and leaves no trace of it', () => {
    const { value } = mergeThree({ a: 1, b: 1 }, { b: 1 }, { a: 1, b: 2 });
    expect(Object.keys(value as object)).toEqual(['b']);
  });
});
