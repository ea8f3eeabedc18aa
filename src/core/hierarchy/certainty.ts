import { type Chance, davidsScore, normals, poissonDraw, type WinTable } from '../stats';

export const BOOTSTRAP_ROUNDS = 1000;
/** A fish stands on a rank of its own when the first above is above it in so many of the rounds. */
const TOLD_APART = 0.9;
const LOW = 0.025;

/** How sure an order is. Indices follow the table. */
export interface Certainty {
  /** `above[i][j]`: share of the rounds in which the i-th scored higher than the j-th; ties count one half. */
  readonly above: readonly (readonly number[])[];
  /** Places, 1 the first, between which each stood in 95 of 100 rounds. */
  readonly places: readonly (readonly [number, number])[];
}

/**
 * One win each way for every pair that met, before it is counted: four to none does not prove that the fifth is won too
 * (Laplace's rule of succession). Without it the claims are bolder than what holds; `npm run bench` shows both.
 */
const BEFORE_COUNTING = 1;

/** What one way of a pair is drawn from: how many events about, and what each counts. */
interface Source {
  readonly events: number;
  readonly each: number;
}

/** Contests that weigh differently are drawn as fewer, heavier ones: mean and scatter are those of the weights. */
const sourceFrom = (mean: number, square: number): Source =>
  mean === 0 ? { events: 0, each: 0 } : { events: (mean * mean) / square, each: square / mean };

const tiesOf = (ties: WinTable['ties'], i: number, j: number): number => (ties ? ties[i]![j]! : 0);

function winSource({ wins, squares, ties }: WinTable, i: number, j: number): Source {
  if (i === j || wins[i]![j]! + wins[j]![i]! + tiesOf(ties, i, j) === 0) return sourceFrom(0, 0);
  return sourceFrom(wins[i]![j]! + BEFORE_COUNTING, (squares ?? wins)[i]![j]! + BEFORE_COUNTING);
}

const tieSource = ({ ties, tieSquares }: WinTable, i: number, j: number): Source =>
  ties ? sourceFrom(ties[i]![j]!, (tieSquares ?? ties)[i]![j]!) : sourceFrom(0, 0);

/**
 * How sure a ranking is: the contests are drawn again, as many of each pair and result as chance gives about what was seen
 * (a Poisson bootstrap over events), and scored by normalised David's score each time. Source: Efron 1979 for the
 * bootstrap; the Poisson form draws each event a Poisson(1) number of times. Complexity: rounds x N^2.
 */
export function rankingCertainty(table: WinTable, chance: Chance, rounds = BOOTSTRAP_ROUNDS): Certainty {
  const { ids } = table;
  const n = ids.length;
  const normal = normals(chance);
  const events = ids.map(() => new Float64Array(n));
  const each = ids.map(() => new Float64Array(n));
  for (let i = 0; i < n; i += 1)
    for (let j = 0; j < n; j += 1) {
      const source = winSource(table, i, j);
      events[i]![j] = source.events;
      each[i]![j] = source.each;
    }
  const tied = ids.flatMap((_, i) =>
    ids.flatMap((__, j) => {
      const source = j > i ? tieSource(table, i, j) : sourceFrom(0, 0);
      return source.events > 0 ? [{ i, j, ...source }] : [];
    }),
  );
  const above = ids.map(() => new Float64Array(n));
  const held = ids.map(() => new Uint32Array(n));
  const drawn = ids.map(() => new Array<number>(n).fill(0));
  const order = ids.map((_, i) => i);
  for (let round = 0; round < rounds; round += 1) {
    for (let i = 0; i < n; i += 1)
      for (let j = 0; j < n; j += 1)
        drawn[i]![j] = each[i]![j]! * poissonDraw(events[i]![j]!, chance, normal);
    // One that neither won is drawn once and counts half for each.
    for (const { i, j, events: many, each: weight } of tied) {
      const half = (weight * poissonDraw(many, chance, normal)) / 2;
      drawn[i]![j]! += half;
      drawn[j]![i]! += half;
    }
    const { normalised } = davidsScore({ ids, wins: drawn });
    for (let i = 0; i < n; i += 1)
      for (let j = i + 1; j < n; j += 1) {
        const ahead = normalised[i]! - normalised[j]!;
        if (ahead > 0) above[i]![j]! += 1;
        else if (ahead < 0) above[j]![i]! += 1;
        else {
          above[i]![j]! += 0.5;
          above[j]![i]! += 0.5;
        }
      }
    order.sort((a, b) => normalised[b]! - normalised[a]!);
    order.forEach((fish, place) => (held[fish]![place]! += 1));
  }
  return {
    above: above.map((row) => Array.from(row, (count) => count / rounds)),
    places: held.map((counts) => between(counts, rounds)),
  };
}

function between(counts: Uint32Array, rounds: number): readonly [number, number] {
  let sum = 0;
  let first = 1;
  let last = counts.length;
  let found = false;
  for (let place = 0; place < counts.length; place += 1) {
    sum += counts[place]!;
    if (!found && sum > rounds * LOW) {
      first = place + 1;
      found = true;
    }
    if (sum >= rounds * (1 - LOW)) {
      last = place + 1;
      break;
    }
  }
  return [first, last];
}

/**
 * Fish in the order of their scores, those that cannot be told apart on one rank: a rank holds its first and all below it
 * that it is not above in nine of ten rounds. Indices of the table.
 */
export function ranksOf(
  normalised: readonly number[],
  above: Certainty['above'],
): readonly (readonly number[])[] {
  const order = normalised.map((_, i) => i).sort((a, b) => normalised[b]! - normalised[a]!);
  const ranks: number[][] = [];
  for (const fish of order) {
    const rank = ranks.at(-1);
    const first = rank?.[0];
    if (rank && first !== undefined && above[first]![fish]! < TOLD_APART) rank.push(fish);
    else ranks.push([fish]);
  }
  return ranks;
}
