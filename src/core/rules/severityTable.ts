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
  of: (seen) => {
    for (const row of rows) if (row.holds(seen)) return row.severity;
    return null;
  },
});

/** The last row of a table: what holds when no row above it did. */
export const otherwise = <T>(severity: Severity | null): SeverityRow<T> => ({
  when: 'otherwise',
  holds: () => true,
  severity,
});
