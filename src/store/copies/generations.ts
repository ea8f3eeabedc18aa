import { addDays, daysBetween, monthOf } from '@/core/kernel';

/** Copies of the last so many days are kept, then one of each of so many weeks, then one of each of so many months. */
const DAYS = 7;
const WEEKS = 4;
const MONTHS = 12;
/** A Monday. */
const FIRST_WEEK = '2024-01-01';

const weekOf = (day: string): string => {
  const since = daysBetween(FIRST_WEEK, day);
  return addDays(FIRST_WEEK, since - (((since % 7) + 7) % 7));
};

/** The last day of each of the latest so many groups, those up to `before` only. */
function lastOfEach(
  days: readonly string[],
  groupOf: (day: string) => string,
  before: string,
  most: number,
): readonly string[] {
  const last = new Map<string, string>();
  for (const day of days) if (day <= before) last.set(groupOf(day), day);
  return [...last.values()].slice(-most);
}

/**
 * Which of the daily copies of a room are no longer needed. ISO dates, in any order; gives them in theirs.
 *
 * Kept are the last seven days that have a copy, then the last copy of each of four weeks, then the last of each of twelve
 * months. What is dated after `today` is kept: somebody's clock is wrong, and a copy is not thrown away for that.
 *
 * @example
 * copiesToDrop(['2026-11-01', '2026-11-02'], '2026-11-30'); // []
 */
export function copiesToDrop(days: readonly string[], today: string): readonly string[] {
  const sorted = [...days].sort();
  const past = sorted.filter((day) => day <= today);
  const daily = past.slice(-DAYS);
  const oldest = daily[0] ?? today;
  const weekly = lastOfEach(past, weekOf, addDays(oldest, -1), WEEKS);
  const older = weekly[0] ?? oldest;
  const monthly = lastOfEach(past, monthOf, addDays(older, -1), MONTHS);
  const kept = new Set([...daily, ...weekly, ...monthly, ...sorted.filter((day) => day > today)]);
  return days.filter((day) => !kept.has(day));
}
