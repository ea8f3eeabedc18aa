import fc from 'fast-check';
import { fewestOf, lastThatDoes, LOOK, MOST } from './countsThatDo';

const from = (least: number) => (count: number) => count >= least;
const among =
  (...counts: readonly number[]) =>
  (count: number) =>
    counts.includes(count);
const never = (): boolean => false;

describe('the fewest that do', () => {
  it.each<[string, number, (count: number) => boolean, (count: number) => boolean, number | null]>([
    ['one, where any number does', 6, from(1), never, 1],
    ['the first of the run in which the comfortable number stands', 6, from(4), never, 4],
    ['the nearest above, where the comfortable number does not do', 6, from(8), never, 8],
    ['the first of the run of the nearest below', 20, among(1, 2, 3), never, 1],
    ['the lower of two that are as near', 6, among(4, 8), never, 4],
    ['the nearer one, though it is more', 6, among(1, 8), never, 8],
    ['so far above the comfortable number, and no further', 6, from(6 + LOOK), never, 6 + LOOK],
    ['none, where only more than that would do', 6, from(7 + LOOK), never, null],
    ['as far above one', 1, among(1 + LOOK), never, 1 + LOOK],
    ['none further above one', 1, among(2 + LOOK), never, null],
    ['none where none does', 6, never, never, null],
    ['not zero', 3, among(0), never, null],
    ['the first that is not to be avoided', 6, from(4), among(4, 5), 6],
    ['one above the comfortable number, where all to it are to be avoided', 6, from(4), (n) => n < 12, 12],
    ['none, where all so far above it are', 6, from(4), (n) => n < 13, null],
    ['none, where the run ends before', 6, among(5, 6), (n) => n < 7, null],
  ])('is %s', (_name, comfortable, does, avoided, expected) =>
    expect(fewestOf(comfortable, does, avoided)).toBe(expected),
  );
});

describe('the last number that does', () => {
  /** Numbers that do up to some number, but for gaps of one or two. */
  const runs = fc
    .record({
      low: fc.integer({ min: 1, max: 12 }),
      more: fc.integer({ min: 0, max: 400 }),
      gaps: fc.array(fc.tuple(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 2 })), {
        maxLength: 6,
      }),
    })
    .map(({ low, more, gaps }) => {
      const last = low + more;
      const holes = new Set<number>();
      for (const [at, wide] of gaps) {
        const gap = Array.from({ length: wide }, (_, i) => low + at + i);
        const isApart = !holes.has(low + at - 1) && !holes.has(low + at + wide);
        if (isApart && gap.every((hole) => hole < last)) for (const hole of gap) holes.add(hole);
      }
      return { low, does: (count: number) => count <= last && !holes.has(count), last };
    });
  it('is found over small gaps, and none is larger than the most', () => {
    fc.assert(
      fc.property(runs, ({ low, does, last }) => {
        let expected = Math.min(last, MOST);
        while (expected > low && !does(expected)) expected -= 1;
        expect(lastThatDoes(low, does)).toBe(expected);
      }),
    );
  });
  it('is the first one where none after it does', () => {
    expect(lastThatDoes(5, among(5))).toBe(5);
    expect(lastThatDoes(5, never)).toBe(5);
  });
  it('steps back to a number that does, where the most does not', () => {
    expect(lastThatDoes(1, (count) => count !== MOST && count !== MOST - 1)).toBe(MOST - 2);
  });
});
