import fc from 'fast-check';
import { Podium, type Solution } from './podium';

/** Few values and few items, so that many solutions tie. */
const anySolutions: fc.Arbitrary<readonly Solution[]> = fc.uniqueArray(
  fc.record({ value: fc.integer({ min: 0, max: 4 }), items: fc.subarray([0, 1, 2, 3, 4]) }),
  { selector: ({ items }) => items.join(), maxLength: 30 },
);

/** The rule said once more: more value first; then the smaller of the first items that differ; then the shorter. */
const byRank = (a: Solution, b: Solution): number => {
  if (a.value !== b.value) return b.value - a.value;
  const at = a.items.findIndex((item, i) => item !== b.items[i]);
  if (at < 0) return a.items.length - b.items.length;
  return b.items[at] === undefined ? 1 : a.items[at]! - b.items[at];
};

function entered(solutions: readonly Solution[], size: number, keyOf?: (items: readonly number[]) => string) {
  const podium = new Podium(size, keyOf);
  for (const one of solutions) if (podium.wouldEnter(one)) podium.enter(one);
  return podium;
}

describe('the best so far', () => {
  it('are the first of all, whatever the order in which they came', () =>
    fc.assert(
      fc.property(anySolutions, fc.integer({ min: 1, max: 6 }), (solutions, size) => {
        const { standing, best, least } = entered(solutions, size);
        const ranked = [...solutions].sort(byRank);
        expect(standing).toEqual(ranked.slice(0, size));
        expect(best).toBe(ranked[0]?.value ?? -Infinity);
        expect(least).toBe(ranked.length < size ? -Infinity : ranked[size - 1]!.value);
      }),
    ));

  it('hold one of each kind, the first of it', () =>
    fc.assert(
      fc.property(anySolutions, (solutions) => {
        const kindOf = (items: readonly number[]): string => String(items[0]);
        const firsts = [...solutions]
          .sort(byRank)
          .filter((one, i, all) => all.findIndex(({ items }) => kindOf(items) === kindOf(one.items)) === i);
        expect(entered(solutions, 3, kindOf).standing).toEqual(firsts.slice(0, 3));
      }),
    ));

  it('let in what is worth as much as the last, and nothing that is worth less', () => {
    const podium = entered([{ value: 5, items: [1] }], 1);
    expect([5.1, 5, 4.999].map((value) => podium.mayEnter(value))).toEqual([true, true, false]);
    expect(entered([{ value: 5, items: [1] }], 2).mayEnter(-1)).toBe(true);
  });

  it('take sums that differ by rounding for one', () => {
    const sums = [
      { value: 0.3, items: [2] },
      { value: 0.1 + 0.2, items: [3] },
    ];
    expect(entered(sums, 2).standing.map(({ items }) => items)).toEqual([[2], [3]]);
    expect(entered(sums.toReversed(), 2).standing.map(({ items }) => items)).toEqual([[2], [3]]);
  });
});
