import { daysBetween } from './days';

/** The day on which a moment fell for the keeper, as an ISO date; a date stands for itself. */
export type DayOf = (moment: string) => string;

/** Formatters are dear to make, and few zones are ever asked for. */
const formatters = new Map<string, Intl.DateTimeFormat>();

function formatterOf(zone: string): Intl.DateTimeFormat {
  const known = formatters.get(zone);
  if (known) return known;
  const made = new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  });
  formatters.set(zone, made);
  return made;
}

/**
 * The keeper's own days in a time zone such as `Australia/Sydney`, over changes of the clock as well.
 *
 * Errors: a zone that nobody knows throws a RangeError.
 * @example daysIn('Australia/Sydney')('2026-11-27T20:00:00.000Z') // '2026-11-28'
 */
export function daysIn(zone: string): DayOf {
  const formatter = formatterOf(zone);
  return (moment) => (moment.length === 10 ? moment : formatter.format(new Date(moment)));
}

/** Now, and how far away other days are, as the keeper counts them. */
export interface When {
  /** The present moment, ISO. */
  readonly now: string;
  /** The keeper's day, ISO. */
  readonly today: string;
  readonly dayOf: DayOf;
  /** Whole days from the day of a moment to today; negative for days to come. */
  readonly daysSince: (moment: string) => number;
}

/** @example whenIn('2026-11-27T20:00:00.000Z', 'Australia/Sydney').daysSince('2026-11-26T20:00:00.000Z') // 1 */
export function whenIn(now: string, zone: string): When {
  const dayOf = daysIn(zone);
  const today = dayOf(now);
  return { now, today, dayOf, daysSince: (moment) => daysBetween(dayOf(moment), today) };
}
