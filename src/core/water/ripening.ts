import type { Dated } from '../events/events';
import type { FilterLife } from '../events/room';
import { addDays, daysBetween } from '../kernel/time/days';

/** A filter is proven when a test dose is gone within a day (common practice); half a day of grace for the second look. */
const PROVEN_WITHIN_HOURS = 36;
/** Kits show their first colour at 0.25 mg/L or so: what reads less than this is nothing (from memory). */
const NOTHING_MGL = 0.1;
/** A dose smaller than this proves nothing (from memory; two mg/L is usual). */
const LEAST_DOSE_MGL = 1;

const HOUR_MS = 3_600_000;

/** What a test says of a filter: proven, when ammonia and nitrite are both nothing soon enough after a dose. */
export function afterTest(filter: FilterLife, test: Extract<Dated, { type: 'tested' }>): FilterLife {
  const { dosedOn } = filter;
  if (dosedOn === null || test.ammoniaMgL === undefined || test.nitriteMgL === undefined) return filter;
  const hours = (Date.parse(test.on) - Date.parse(dosedOn)) / HOUR_MS;
  const clean = test.ammoniaMgL <= NOTHING_MGL && test.nitriteMgL <= NOTHING_MGL;
  if (!clean || hours <= 0) return filter;
  // Gone, but late: it has to be shown again with a new dose.
  return hours <= PROVEN_WITHIN_HOURS
    ? { ...filter, ripeOn: filter.ripeOn ?? test.on, dosedOn: null }
    : { ...filter, dosedOn: null };
}

/** What a step with a filter leaves of what was known of it. */
export function afterStep(filter: FilterLife, step: Extract<Dated, { type: 'filter' }>): FilterLife {
  switch (step.what) {
    case 'started':
      return { startedOn: step.on, seededOn: null, dosedOn: null, ripeOn: null, downOn: null };
    case 'seeded':
      return { ...filter, startedOn: filter.startedOn ?? step.on, seededOn: step.on, downOn: null };
    case 'dosed':
      return (step.doseMgL ?? LEAST_DOSE_MGL) < LEAST_DOSE_MGL
        ? filter
        : { ...filter, dosedOn: step.on, downOn: null };
    case 'torn down':
    case 'dried':
      return { startedOn: null, seededOn: null, dosedOn: null, ripeOn: null, downOn: step.on };
    case 'cleaned':
      return filter;
  }
}

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
