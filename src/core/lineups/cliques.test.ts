import fc from 'fast-check';
import { Block } from './block';
import { cliqueCover, isIn, put, shareCliques } from './cliques';

const graphs = fc
  .integer({ min: 1, max: 70 })
  .chain((n) =>
    fc.record({
      n: fc.constant(n),
      pairs: fc.array(fc.tuple(fc.nat(n - 1), fc.nat(n - 1)), { maxLength: 400 }),
    }),
  )
  .map(({ n, pairs }) => ({ n, pairs: pairs.filter(([a, b]) => a !== b) }));

function cliquesOf(n: number, pairs: readonly (readonly [number, number])[]) {
  const words = Math.ceil(n / 32);
  const excludes = new Int32Array(n * words);
  for (const [a, b] of pairs) {
    put(excludes, a * words, b);
    put(excludes, b * words, a);
  }
  const disjoint = cliqueCover(new Block(), n, excludes, words);
  const { count, start, of } = shareCliques(n, excludes, words, disjoint);
  const shared: number[][] = Array.from({ length: count }, () => []);
  for (let i = 0; i < n; i += 1) for (let k = start[i]!; k < start[i + 1]!; k += 1) shared[of[k]!]!.push(i);
  const exclude = (a: number, b: number): boolean => isIn(excludes, a * words, b);
  return { disjoint, shared, exclude };
}

describe('cliques of items that exclude each other', () => {
  it('hold none but such', () => {
    fc.assert(
      fc.property(graphs, ({ n, pairs }) => {
        const { disjoint, shared, exclude } = cliquesOf(n, pairs);
        const homes = Array.from({ length: disjoint.cliques }, (_, home) =>
          [...disjoint.clique.keys()].filter((item) => disjoint.clique[item] === home),
        );
        for (const clique of [...homes, ...shared])
          for (const a of clique) for (const b of clique) expect(a === b || exclude(a, b)).toBe(true);
      }),
    );
  });
  it('hold each pair of them together', () => {
    fc.assert(
      fc.property(graphs, ({ n, pairs }) => {
        const { disjoint, shared } = cliquesOf(n, pairs);
        for (const [a, b] of pairs)
          expect(
            disjoint.clique[a] === disjoint.clique[b] ||
              shared.some((clique) => clique.includes(a) && clique.includes(b)),
          ).toBe(true);
      }),
    );
  });
  it('grow as far as they can', () => {
    fc.assert(
      fc.property(graphs, ({ n, pairs }) => {
        const { shared, exclude } = cliquesOf(n, pairs);
        for (const clique of shared)
          for (let other = 0; other < n; other += 1)
            expect(clique.every((item) => exclude(item, other))).toBe(false);
      }),
    );
  });
  it('of five in a ring are pairs that share, beside the disjoint ones', () => {
    const { disjoint, shared } = cliquesOf(5, [
      [0, 1],
      [1, 2],
      [2, 3],
      [3, 4],
      [4, 0],
    ]);
    expect([...disjoint.clique]).toEqual([0, 0, 1, 1, 2]);
    expect(shared).toEqual([
      [0, 4],
      [1, 2],
      [3, 4],
    ]);
  });
});
