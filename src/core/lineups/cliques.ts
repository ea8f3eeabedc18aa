import type { Block } from './block';

/** Bits in rows of words: item `b` of the row that begins at word `from` stands in bit `b % 32` of word `from + b / 32`. */
export const isIn = (bits: Int32Array, from: number, item: number): boolean =>
  ((bits[from + (item >> 5)] as number) & (1 << (item & 31))) !== 0;

export function put(bits: Int32Array, from: number, item: number): void {
  const word = from + (item >> 5);
  bits[word] = (bits[word] as number) | (1 << (item & 31));
}

function strike(bits: Int32Array, from: number, item: number): void {
  const word = from + (item >> 5);
  bits[word] = (bits[word] as number) & ~(1 << (item & 31));
}

/** The first item of the row; -1 when it is empty. */
function firstIn(bits: Int32Array, from: number, words: number): number {
  for (let w = 0; w < words; w += 1) {
    const word = bits[from + w] as number;
    if (word !== 0) return w * 32 + 31 - Math.clz32(word & -word);
  }
  return -1;
}

/** Disjoint cliques of items that exclude each other: the clique of each item, and how many there are. */
export interface Cliques {
  readonly clique: Int32Array;
  readonly cliques: number;
}

/** Items into disjoint cliques, greedily: each joins the first that it excludes all of. `excludes` has a row of bits an item. */
export function cliqueCover(block: Block, n: number, excludes: Int32Array, words: number): Cliques {
  const clique = block.wholes(n);
  /** What all members of a clique exclude. */
  const common = block.wholes(n * words);
  let cliques = 0;
  for (let item = 0; item < n; item += 1) {
    let home = 0;
    while (home < cliques && !isIn(common, home * words, item)) home += 1;
    for (let w = 0; w < words; w += 1) {
      const own = excludes[item * words + w] as number;
      common[home * words + w] = home === cliques ? own : (common[home * words + w] as number) & own;
    }
    if (home === cliques) cliques += 1;
    clique[item] = home;
  }
  return { clique, cliques };
}

/** Cliques that share items: those of item `i` stand from `start[i]` to before `start[i + 1]` in `of`. */
export interface SharedCliques {
  readonly count: number;
  readonly start: Int32Array;
  readonly of: Int32Array;
}

export const NO_SHARED: SharedCliques = { count: 0, start: new Int32Array(0), of: new Int32Array(0) };

/**
 * Cliques, each as large as it comes, until any two items that exclude each other and have no clique of the disjoint ones in common
 * stand in one together. Limits on these say far more than limits on pairs (Padberg 1973).
 */
export function shareCliques(
  n: number,
  excludes: Int32Array,
  words: number,
  { clique }: Cliques,
): SharedCliques {
  /** Pairs that stand in no clique yet. */
  const open = excludes.slice();
  for (let a = 0; a < n; a += 1)
    for (let b = 0; b < n; b += 1) if (clique[a] === clique[b]) strike(open, a * words, b);
  const lists: number[][] = Array.from({ length: n }, () => []);
  const common = new Int32Array(words);
  let count = 0;
  for (let a = 0; a < n; a += 1)
    for (let b = firstIn(open, a * words, words); b >= 0; b = firstIn(open, a * words, words)) {
      common.fill(-1);
      const members: number[] = [];
      for (let next = a; next >= 0; next = members.length === 1 ? b : firstIn(common, 0, words)) {
        members.push(next);
        for (let w = 0; w < words; w += 1)
          common[w] = (common[w] as number) & (excludes[next * words + w] as number);
      }
      for (const one of members) {
        (lists[one] as number[]).push(count);
        for (const other of members) strike(open, one * words, other);
      }
      count += 1;
    }
  const start = new Int32Array(n + 1);
  lists.forEach((list, i) => (start[i + 1] = (start[i] as number) + list.length));
  return { count, start, of: Int32Array.from(lists.flat()) };
}
