import { Block } from './block';
import { cliqueCover, type Cliques, NO_SHARED, put, type SharedCliques, shareCliques } from './cliques';
import { HAIR } from './podium';
import { LAYER_NAMES, type LayerName, type ProblemItem, type ReducedProblem } from './problem';

/** Nitrate and the room of each layer. */
export const LIMITS = 1 + LAYER_NAMES.length;

/** With so many items in all or fewer the disjoint cliques are as good a bound as the shared ones, and quicker (by trial). */
const FEW_IN_ALL = 60;
/** The same of one level of the search. */
export const FEW_ITEMS = 45;

/** Items renumbered for the search, the most valuable for what they use first. */
export interface Prepared extends Cliques {
  /** Where the search takes its arrays from. */
  readonly block: Block;
  readonly original: readonly number[];
  readonly value: Float64Array;
  /** Use of the limits, item after item: limit `r` of item `i` stands at `i * LIMITS + r`. */
  readonly use: Float64Array;
  readonly capacity: readonly number[];
  /** Layers covered, as bits. */
  readonly covers: Uint8Array;
  /** What each excludes, as bits: item `b` stands in bit `b % 32` of word `a * words + b / 32` where `a` excludes it. */
  readonly excludes: Int32Array;
  readonly words: number;
  /** Groups of which one item must be taken, as lists of items. */
  readonly required: readonly (readonly number[])[];
  /** Cliques beside the disjoint ones; none where there are few items. */
  readonly shared: SharedCliques;
  /** All values are multiples of this; 0 when there is no such. */
  readonly step: number;
}

/** Values that the format gives are whole weights, or seven tenths of them: all are multiples of one of these, or of none. */
const STEPS = [1, 0.1];

const isMultiple = (value: number, of: number): boolean =>
  Math.abs(value / of - Math.round(value / of)) < HAIR;

/** The layers that an item covers, as bits. */
function layerBits(covers: readonly LayerName[]): number {
  let bits = 0;
  for (const layer of covers) bits |= 1 << LAYER_NAMES.indexOf(layer);
  return bits;
}

/** A reduced problem ready for the search: without items that no limit takes, dear ones last. */
export function prepare(problem: ReducedProblem): Prepared {
  const { items, limits } = problem;
  const block = new Block();
  const capacity = [limits.nitrateMgLWeek, ...LAYER_NAMES.map((layer) => limits.room[layer])];
  const all = items.length;
  const taken = block.reals(all * LIMITS);
  const worth = block.reals(all);
  const order: number[] = [];
  for (let index = 0; index < all; index += 1) {
    const { value, nitrateMgLWeek, room } = items[index] as ProblemItem;
    const from = index * LIMITS;
    taken[from] = nitrateMgLWeek;
    for (let at = 1; at < LIMITS; at += 1) taken[from + at] = room[LAYER_NAMES[at - 1] as LayerName];
    let fits = true;
    // How much of the tightest limit an item takes: dear ones come late.
    let strain = 0;
    for (let r = 0; r < LIMITS; r += 1) {
      const [used, most] = [taken[from + r] as number, capacity[r] as number];
      if (used > most + HAIR) fits = false;
      strain = Math.max(strain, used / Math.max(HAIR, most));
    }
    worth[index] = value / (0.05 + strain);
    if (fits) order.push(index);
  }
  order.sort((a, b) => (worth[b] as number) - (worth[a] as number) || a - b);
  const n = order.length;
  const place = block.wholes(all).fill(-1);
  const value = block.reals(n);
  const use = block.reals(n * LIMITS);
  const covers = block.bytes(n);
  for (let at = 0; at < n; at += 1) {
    const index = order[at] as number;
    const item = items[index] as ProblemItem;
    place[index] = at;
    value[at] = item.value;
    covers[at] = layerBits(item.covers);
    for (let r = 0; r < LIMITS; r += 1) use[at * LIMITS + r] = taken[index * LIMITS + r] as number;
  }
  const words = Math.ceil(n / 32);
  const excludes = block.wholes(n * words);
  const exclude = (a: number, b: number): void => {
    const [x, y] = [place[a] as number, place[b] as number];
    if (x < 0 || y < 0 || x === y) return;
    put(excludes, x * words, y);
    put(excludes, y * words, x);
  };
  for (const [a, b] of problem.conflicts) exclude(a as number, b as number);
  for (const list of problem.oneOf)
    for (let i = 0; i < list.length; i += 1)
      for (let j = i + 1; j < list.length; j += 1) exclude(list[i] as number, list[j] as number);
  const cover = cliqueCover(block, n, excludes, words);
  return {
    block,
    original: order,
    value,
    use,
    capacity,
    covers,
    excludes,
    words,
    ...cover,
    shared: n > FEW_IN_ALL ? shareCliques(n, excludes, words, cover) : NO_SHARED,
    step:
      STEPS.find(
        (step) => isMultiple(problem.layerBonus, step) && items.every((item) => isMultiple(item.value, step)),
      ) ?? 0,
    required: problem.required.map((list) =>
      list.flatMap((index) => {
        const at = place[index] as number;
        return at < 0 ? [] : [at];
      }),
    ),
  };
}
