import type { Span } from './kaplanMeier';
import { chiSquareTail } from './quantiles';

/** Whether groups lose alike. */
export interface LogRank {
  readonly groups: readonly string[];
  readonly observed: readonly number[];
  readonly expected: readonly number[];
  readonly chiSquare: number;
  readonly df: number;
  readonly p: number;
}

/** A pivot below this share of the largest is a group that never had anything at stake. */
const NO_PIVOT = 1e-12;

/** Solves V x = d for a symmetric V by elimination; rows without a pivot are left out. Gives d' x and the rows used. */
function quadratic(matrix: readonly (readonly number[])[], difference: readonly number[]) {
  const n = difference.length;
  const rows = matrix.map((row, i) => [...row, difference[i]!]);
  const largest = Math.max(0, ...matrix.map((row, i) => Math.abs(row[i]!)));
  const used: number[] = [];
  for (let column = 0; column < n; column += 1) {
    const pivot = rows[column]![column]!;
    if (Math.abs(pivot) <= largest * NO_PIVOT || pivot === 0) continue;
    used.push(column);
    for (let i = 0; i < n; i += 1) {
      if (i === column) continue;
      const factor = rows[i]![column]! / pivot;
      for (let j = column; j <= n; j += 1) rows[i]![j]! -= factor * rows[column]![j]!;
    }
  }
  const value = used.reduce((sum, i) => sum + (difference[i]! * rows[i]![n]!) / rows[i]![i]!, 0);
  return { value, df: used.length };
}

/**
 * How several deaths of one day count: drawn without putting back (the usual test), or each as a death of its own (Breslow: the
 * score test of proportional hazards, which packages give where lives are known from some day on only).
 */
export type Ties = 'hypergeometric' | 'breslow';

/**
 * The log-rank test over groups, with delayed entry: at each day of a death, what each group lost against its share of all
 * at risk, with the variance that `ties` asks for. Null for fewer than two groups or without a death.
 *
 * Sources: Mantel 1966; Peto and Peto 1972; Breslow 1974. Complexity: days x animals.
 */
export function logRank(
  byGroup: ReadonlyMap<string, readonly Span[]>,
  ties: Ties = 'hypergeometric',
): LogRank | null {
  const groups = [...byGroup.keys()];
  const spans = groups.map((group) => byGroup.get(group) ?? []);
  const days = [...new Set(spans.flat().flatMap((span) => (span.died ? [span.end] : [])))].sort(
    (a, b) => a - b,
  );
  if (groups.length < 2 || days.length === 0) return null;
  const observed = groups.map(() => 0);
  const expected = groups.map(() => 0);
  const variance = groups.map(() => groups.map(() => 0));
  for (const day of days) {
    const risk = spans.map((group) => group.filter((span) => span.start < day && day <= span.end).length);
    const died = spans.map((group) => group.filter((span) => span.died && span.end === day).length);
    const n = risk.reduce((sum, one) => sum + one, 0);
    const d = died.reduce((sum, one) => sum + one, 0);
    const spread = ties === 'breslow' ? d : n > 1 ? (d * (n - d)) / (n - 1) : 0;
    groups.forEach((_, i) => {
      const share = risk[i]! / n;
      observed[i]! += died[i]!;
      expected[i]! += d * share;
      groups.forEach((__, j) => {
        variance[i]![j]! += spread * share * ((i === j ? 1 : 0) - risk[j]! / n);
      });
    });
  }
  const some = groups.map((_, i) => i).slice(0, -1);
  const { value, df } = quadratic(
    some.map((i) => some.map((j) => variance[i]![j]!)),
    some.map((i) => observed[i]! - expected[i]!),
  );
  if (df === 0) return null;
  return { groups, observed, expected, chiSquare: value, df, p: chiSquareTail(value, df) };
}
