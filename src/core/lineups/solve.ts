import { LAYER_NAMES, type ReducedProblem } from './problem';

export interface Solution {
  readonly value: number;
  /** Indexes of the chosen items, ascending. */
  readonly items: readonly number[];
}

export interface Solved {
  /** Best first; ties by the smaller list of items, in order. */
  readonly best: readonly Solution[];
  /** Nothing better exists: the whole space was searched or bounded away. */
  readonly proven: boolean;
  /** Nodes of the search tree that were entered. */
  readonly searched: number;
  /** Solutions that `accept` refused although their value was among the best. */
  readonly refused: number;
}

export interface SolveOptions {
  /** How many to find. */
  readonly best: number;
  /** Asked of each solution that would be among the best; a refused one is dropped and counted. */
  readonly accept?: (items: readonly number[]) => boolean;
  /** The search stops unproven after so many nodes. */
  readonly mostNodes?: number;
}

const HAIR = 1e-9;

/** Ties are broken by the items themselves, so that the same problem gives the same answer. */
function before(a: Solution, b: Solution): boolean {
  if (Math.abs(a.value - b.value) > HAIR) return a.value > b.value;
  const length = Math.min(a.items.length, b.items.length);
  for (let i = 0; i < length; i += 1)
    if (a.items[i] !== b.items[i]) return (a.items[i] as number) < (b.items[i] as number);
  return a.items.length < b.items.length;
}

/** The best solutions so far, in order. */
class Podium {
  readonly standing: Solution[] = [];
  constructor(private readonly size: number) {}
  /** What a newcomer has to beat; minus infinity while there is room. */
  get least(): number {
    return this.standing.length < this.size
      ? -Infinity
      : (this.standing[this.standing.length - 1] as Solution).value;
  }
  wouldEnter(solution: Solution): boolean {
    const last = this.standing[this.standing.length - 1];
    return this.standing.length < this.size || last === undefined || before(solution, last);
  }
  enter(solution: Solution): void {
    const at = this.standing.findIndex((other) => before(solution, other));
    this.standing.splice(at < 0 ? this.standing.length : at, 0, solution);
    if (this.standing.length > this.size) this.standing.pop();
  }
}

/** Items renumbered for the search, the most valuable for what they use first. */
interface Prepared {
  readonly original: readonly number[];
  readonly value: Float64Array;
  /** Use of each limit, limit after limit. */
  readonly use: readonly Float64Array[];
  readonly capacity: readonly number[];
  /** Layers covered, as bits. */
  readonly covers: Uint8Array;
  readonly excludes: readonly Uint8Array[];
  /** Groups of which one item must be taken, as lists of items. */
  readonly required: readonly (readonly number[])[];
}

function prepare(problem: ReducedProblem): Prepared {
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
    use: capacity.map((_, r) => Float64Array.from(order, (index) => takenBy(index)[r] as number)),
    capacity,
    covers: Uint8Array.from(order, (index) =>
      (items[index]?.covers ?? []).reduce((bits, layer) => bits | (1 << LAYER_NAMES.indexOf(layer)), 0),
    ),
    excludes,
    required: problem.required.map((list) =>
      list.flatMap((index) => {
        const at = place.get(index);
        return at === undefined ? [] : [at];
      }),
    ),
  };
}

const bitsOf = (bits: number): number => (bits & 1) + ((bits >> 1) & 1) + ((bits >> 2) & 1);

/**
 * The best sets of items, with proof.
 *
 * Maximises the sum of values and of `layerBonus` for each layer that some chosen item covers, under pairwise conflicts, at
 * most one item a species, required groups, and four limits that add up. Depth-first branch and bound; the bound is the
 * least of what disjoint cliques of candidates could add and of what the room left in each limit could carry
 * (fractional). Distinct sets count, also those contained in a better one. Deterministic; exact unless `mostNodes` stops it.
 */
export function solveProblem(problem: ReducedProblem, options: SolveOptions): Solved {
  const it = prepare(problem);
  const n = it.original.length;
  const podium = new Podium(options.best);
  const left = [...it.capacity];
  const chosen: number[] = [];
  let searched = 0;
  let refused = 0;
  let stopped = false;

  /** The most that candidates could add: one of each clique, and no more than any limit carries. */
  const bound = (candidates: readonly number[], covered: number): number => {
    let byCliques = 0;
    let coverable = covered;
    const cliques: number[][] = [];
    for (const item of candidates) {
      const worth = it.value[item] as number;
      coverable |= it.covers[item] as number;
      if (worth <= 0) continue;
      const row = it.excludes[item] as Uint8Array;
      const home = cliques.find((clique) => clique.every((other) => row[other] === 1));
      if (home) {
        const best = it.value[home[0] as number] as number;
        if (worth > best) {
          byCliques += worth - best;
          home.unshift(item);
        } else home.push(item);
      } else {
        byCliques += worth;
        cliques.push([item]);
      }
    }
    let least = byCliques;
    for (let r = 0; r < left.length; r += 1) least = Math.min(least, carried(candidates, r));
    return least + problem.layerBonus * bitsOf(coverable & ~covered);
  };

  /** What the room left in one limit could carry at best, the last item in part. */
  const carried = (candidates: readonly number[], r: number): number => {
    const use = it.use[r] as Float64Array;
    let free = 0;
    const priced: number[] = [];
    for (const item of candidates) {
      const worth = it.value[item] as number;
      if (worth <= 0) continue;
      if ((use[item] as number) <= HAIR) free += worth;
      else priced.push(item);
    }
    priced.sort(
      (a, b) => (it.value[b] as number) / (use[b] as number) - (it.value[a] as number) / (use[a] as number),
    );
    let room = left[r] as number;
    let sum = free;
    for (const item of priced) {
      const needed = use[item] as number;
      if (needed <= room) {
        room -= needed;
        sum += it.value[item] as number;
      } else return sum + ((it.value[item] as number) * room) / needed;
    }
    return sum;
  };

  const fits = (item: number): boolean => left.every((room, r) => (it.use[r]?.[item] ?? 0) <= room + HAIR);

  /** A required group that neither is served nor can still be. */
  const hopeless = (candidates: readonly number[]): boolean =>
    it.required.some(
      (list) =>
        !list.some((item) => chosen.includes(item)) && !list.some((item) => candidates.includes(item)),
    );

  const served = (): boolean => it.required.every((list) => list.some((item) => chosen.includes(item)));

  const record = (value: number): void => {
    if (!served()) return;
    const items = chosen.map((item) => it.original[item] as number).sort((a, b) => a - b);
    const solution: Solution = { value, items };
    if (!podium.wouldEnter(solution)) return;
    if (options.accept && !options.accept(items)) {
      refused += 1;
      return;
    }
    podium.enter(solution);
  };

  const search = (candidates: readonly number[], value: number, covered: number): void => {
    searched += 1;
    if (searched > (options.mostNodes ?? Infinity)) {
      stopped = true;
      return;
    }
    if (hopeless(candidates)) return;
    for (let i = 0; i < candidates.length && !stopped; i += 1) {
      const rest = candidates.slice(i);
      if (value + bound(rest, covered) < podium.least - HAIR) return;
      if (hopeless(rest)) return;
      const item = candidates[i] as number;
      const row = it.excludes[item] as Uint8Array;
      for (let r = 0; r < left.length; r += 1) left[r] = (left[r] as number) - (it.use[r]?.[item] ?? 0);
      chosen.push(item);
      const bits = covered | (it.covers[item] as number);
      const now = value + (it.value[item] as number) + problem.layerBonus * bitsOf(bits & ~covered);
      record(now);
      search(
        rest.filter((other) => other !== item && row[other] === 0 && fits(other)),
        now,
        bits,
      );
      chosen.pop();
      for (let r = 0; r < left.length; r += 1) left[r] = (left[r] as number) + (it.use[r]?.[item] ?? 0);
    }
  };

  record(0);
  search(
    Array.from({ length: n }, (_, i) => i),
    0,
    0,
  );
  return { best: podium.standing, proven: !stopped, searched, refused };
}
