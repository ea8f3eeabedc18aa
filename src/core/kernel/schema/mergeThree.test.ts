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
});
