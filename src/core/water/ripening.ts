import type { FilterLife } from '../events';
import { addDays, daysBetween } from '../kernel';

/** Weeks that a filter usually needs from the start, bare or with media from a running tank (common practice; the spread is wide). */
const BARE_WEEKS = 5;
const SEEDED_WEEKS = 2;

export interface Ripeness {
  readonly state: 'ripe' | 'lived-in' | 'proving' | 'ripening' | 'nothing known' | 'down';
  /** When it may be ripe, as an ISO date; an expectation, never a promise. Null when it is, or when nobody can say. */
  readonly expected: string | null;
}

/**
 * How far the filter of a tank is. A tank in which fish have lived for weeks without a word on its filter counts as lived in:
 * Lomvik does not pretend to know that it is ripe. `today` and moments are ISO.
 */
export function ripeness(filter: FilterLife, livedInSince: string | null, today: string): Ripeness {
  if (filter.ripeOn) return { state: 'ripe', expected: null };
  if (filter.downOn) return { state: 'down', expected: null };
  const since = filter.seededOn ?? filter.startedOn;
  if (livedInSince !== null && daysBetween(livedInSince, today) >= BARE_WEEKS * 7)
    return { state: 'lived-in', expected: null };
  if (since === null) return { state: 'nothing known', expected: null };
  const weeks = filter.seededOn ? SEEDED_WEEKS : BARE_WEEKS;
  const due = addDays(since, weeks * 7);
  return { state: filter.dosedOn ? 'proving' : 'ripening', expected: due > today ? due : today };
}
