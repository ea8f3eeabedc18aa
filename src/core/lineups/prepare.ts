import { cliqueCover, type Cliques, NO_SHARED, put, type SharedCliques, shareCliques } from './cliques';
import { HAIR } from './podium';
import { LAYER_NAMES, type ReducedProblem } from './problem';

/** Nitrate and the room of each layer. */
export const LIMITS = 1 + LAYER_NAMES.length;

/** With so many items or fewer the disjoint cliques are as good a bound as the shared ones, and quicker (by trial). */
export const FEW_ITEMS = 45;

/** Items renumbered for the search, the most valuable for what they use first. */
export interface Prepared extends Cliques {
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

/** A reduced problem ready for the search: without items that no limit takes, dear ones last. */
export function prepare(problem: ReducedProblem): Prepared {
  const { items, limits } = problem;
  const capacity = [limits.nitrateMgLWeek, ...LAYER_NAMES.map((layer) => limits.room[layer])];
  const count = LIMITS;
  const taken = new Float64Array(items.length * count);
  const worth = new Float64Array(items.length);
  const order: number[] = [];
  items.forEach(({ value, nitrateMgLWeek, room }, index) => {
    const from = index * count;
    taken[from] = nitrateMgLWeek;
    LAYER_NAMES.forEach((layer, at) => (taken[from + 1 + at] = room[layer]));
    let fits = true;
    // How much of the tightest limit an item takes: dear ones come late.
    let strain = 0;
    for (let r = 0; r < count; r += 1) {
      const [used, most] = [taken[from + r] as number, capacity[r] as number];
      if (used > most + HAIR) fits = false;
      strain = Math.max(strain, used / Math.max(HAIR, most));
    }
    worth[index] = value / (0.05 + strain);
    if (fits) order.push(index);
  });
  order.sort((a, b) => (worth[b] as number) - (worth[a] as number) || a - b);
  const n = order.length;
  const place = new Int32Array(items.length).fill(-1);
  order.forEach((index, at) => (place[index] = at));
  const words = Math.ceil(n / 32);
  const excludes = new Int32Array(n * words);
  const exclude = (a: number, b: number): void => {
    const [x, y] = [place[a] as number, place[b] as number];
    if (x < 0 || y < 0 || x === y) return;
    put(excludes, x * words, y);
    put(excludes, y * words, x);
  };
  for (const [a, b] of problem.conflicts) exclude(a as number, b as number);
  for (const list of problem.oneOf)
    list.forEach((a, i) => {
      for (let j = i + 1; j < list.length; j += 1) exclude(a, list[j] as number);
    });
  const use = new Float64Array(n * count);
  order.forEach((index, at) => use.set(taken.subarray(index * count, (index + 1) * count), at * count));
  const cover = cliqueCover(n, excludes, words);
  return {
    original: order,
    value: Float64Array.from(order, (index) => items[index]?.value ?? 0),
    use,
    capacity,
    covers: Uint8Array.from(order, (index) =>
      (items[index]?.covers ?? []).reduce((bits, layer) => bits | (1 << LAYER_NAMES.indexOf(layer)), 0),
    ),
    excludes,
    words,
    ...cover,
    shared: n > FEW_ITEMS ? shareCliques(n, excludes, words, cover) : NO_SHARED,
    step:
      STEPS.find((step) =>
        [problem.layerBonus, ...items.map((item) => item.value)].every((value) => isMultiple(value, step)),
      ) ?? 0,
    required: problem.required.map((list) =>
      list.flatMap((index) => {
        const at = place[index] as number;
        return at < 0 ? [] : [at];
      }),
    ),
  };
}
