import type { Severity } from './finding';

/** One row of a severity table: when it holds, how bad it is then; null where the rule keeps silent. */
export interface SeverityRow<T> {
  /** The condition in the words of a keeper, for `docs/rules.md`. */
  readonly when: string;
  readonly holds: (seen: T) => boolean;
  readonly severity: Severity | null;
}

/** A severity table as it is printed. */
export interface PrintedTable {
  readonly about: string;
  readonly rows: readonly Pick<SeverityRow<never>, 'when' | 'severity'>[];
  /** Where the rows and their thresholds come from. */
  readonly reason: string;
}

export interface SeverityTable<T> extends PrintedTable {
  /** How bad what was seen is: the first row that holds. Null where none does. */
  readonly of: (seen: T) => Severity | null;
}

/** A table whose last row always holds: it is never silent. */
export interface SureTable<T> extends PrintedTable {
  readonly of: (seen: T) => Severity;
}

/** The last row of a table: what holds when no row above it did. */
interface LastRow<S> {
  readonly when: string;
  readonly holds: () => true;
  readonly severity: S;
}
type LoudRow<T> = SeverityRow<T> & { readonly severity: Severity };

/**
 * How bad a rule calls what it sees: rows from top to bottom, the first that holds decides.
 *
 * @example severityTable('Hours', [{ when: 'over 8', holds: (hours) => hours > 8, severity: 'note' }], 'from memory').of(9) // 'note'
 */
export const severityTable = <T>(
  about: string,
  rows: readonly SeverityRow<T>[],
  reason: string,
): SeverityTable<T> => ({
  about,
  rows,
  reason,
  of: (seen) => rows.find((row) => row.holds(seen))?.severity ?? null,
});

/** The same with a last row that always holds. */
export const sureTable = <T>(
  about: string,
  rows: readonly [...LoudRow<T>[], LastRow<Severity>],
  reason: string,
): SureTable<T> => ({
  about,
  rows,
  reason,
  of: (seen) => (rows.find((row) => row.holds(seen)) as LoudRow<T>).severity,
});

/** The last row of a table, in its own words: it holds when no row above it did. */
export const lastly = <S extends Severity | null>(when: string, severity: S): LastRow<S> => ({
  when,
  holds: () => true,
  severity,
});

/** What holds when no row above it did. */
export const otherwise = <S extends Severity | null>(severity: S): LastRow<S> =>
  lastly('otherwise', severity);
