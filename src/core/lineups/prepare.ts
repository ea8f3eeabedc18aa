import { HAIR } from './podium';
import { LAYER_NAMES, type ReducedProblem } from './problem';

/** Items renumbered for the search, the most valuable for what they use first. */
export interface Prepared {
  readonly original: readonly number[];
  readonly value: Float64Array;
  /** Use of the limits, item after item: limit `r` of item `i` stands at `i * capacity.length + r`. */
  readonly use: Float64Array;
  readonly capacity: readonly number[];
  /** Layers covered, as bits. */
  readonly covers: Uint8Array;
  readonly excludes: readonly Uint8Array[];
  /** The items that each excludes, as a list. */
  readonly near: readonly Int32Array[];
  /** Groups of which one item must be taken, as lists of items. */
  readonly required: readonly (readonly number[])[];
  /** Disjoint cliques of items that exclude each other: the clique of each item, and how many there are. */
  readonly clique: Int32Array;
  readonly cliques: number;
  /** All values are multiples of this; 0 when there is no such. */
  readonly step: number;
}

/** Values that the format gives are whole weights, or seven tenths of them: all are multiples of one of these, or of none. */
const STEPS = [1, 0.1];

/** Items into disjoint cliques, greedily: each joins the first that it excludes all of. */
function cliqueCover(excludes: readonly Uint8Array[]): {
  readonly clique: Int32Array;
  readonly cliques: number;
} {
  const clique = new Int32Array(excludes.length);
  const members: number[][] = [];
  excludes.forEach((row, item) => {
    const home = members.findIndex((others) => others.every((other) => row[other] === 1));
    clique[item] = home < 0 ? members.length : home;
    if (home < 0) members.push([item]);
    else (members[home] as number[]).push(item);
  });
  return { clique, cliques: members.length };
}

const isMultiple = (value: number, of: number): boolean =>
  Math.abs(value / of - Math.round(value / of)) < HAIR;

/** A reduced problem ready for the search: without items that no limit takes, dear ones last. */
export function prepare(problem: ReducedProblem): Prepared {
  const { items, limits } = problem;
  const capacity = [limits.nitrateMgLWeek, ...LAYER_NAMES.map((layer) => limits.room[layer])];
  const takenBy = (index: number): readonly number[] => {
    const item = items[index] as ReducedProblem['items'][number];
    return [item.nitrateMgLWeek, ...LAYER_NAMES.map((layer) => item.room[layer])];
  };
  // How much of the tightest limit an item takes: dear ones come late.
  const strain = (index: number): number =>
    Math.max(...takenBy(index).map((used, r) => used / Math.max(HAIR, capacity[r] as number)));
  const fits = (index: number): boolean =>
    takenBy(index).every((used, r) => used <= (capacity[r] as number) + HAIR);
  const order = items
    .map((_, index) => index)
    .filter(fits)
    .sort((a, b) => {
      const worth = (index: number): number => (items[index]?.value ?? 0) / (0.05 + strain(index));
      return worth(b) - worth(a) || a - b;
    });
  const place = new Map(order.map((index, at) => [index, at]));
  const excludes = order.map(() => new Uint8Array(order.length));
  const exclude = (a: number, b: number): void => {
    const [x, y] = [place.get(a), place.get(b)];
    if (x === undefined || y === undefined || x === y) return;
    (excludes[x] as Uint8Array)[y] = 1;
    (excludes[y] as Uint8Array)[x] = 1;
  };
  for (const [a, b] of problem.conflicts) exclude(a as number, b as number);
  for (const list of problem.oneOf) for (const a of list) for (const b of list) exclude(a, b);
  return {
    original: order,
    value: Float64Array.from(order, (index) => items[index]?.value ?? 0),
    use: Float64Array.from(order.flatMap((index) => takenBy(index))),
    capacity,
    covers: Uint8Array.from(order, (index) =>
      (items[index]?.covers ?? []).reduce((bits, layer) => bits | (1 << LAYER_NAMES.indexOf(layer)), 0),
    ),
    excludes,
    near: excludes.map((row) => Int32Array.from([...row.keys()].filter((other) => row[other] === 1))),
    ...cliqueCover(excludes),
    step:
      STEPS.find((step) =>
        [problem.layerBonus, ...items.map((item) => item.value)].every((value) => isMultiple(value, step)),
      ) ?? 0,
    required: problem.required.map((list) =>
      list.flatMap((index) => {
        const at = place.get(index);
        return at === undefined ? [] : [at];
      }),
    ),
  };
}
