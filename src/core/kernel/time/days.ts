export const MINUTE_MS = 60_000;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;
/** Days of a month on average. */
export const MONTH_DAYS = 30.44;

/** Whole days from one ISO date or moment to another; negative when the second is earlier. */
export const daysBetween = (from: string, to: string): number =>
  Math.floor((Date.parse(to) - Date.parse(from)) / DAY_MS);

/** The ISO date so many days after the day of an ISO date or moment. */
export const addDays = (from: string, days: number): string =>
  new Date(Date.parse(from.slice(0, 10)) + days * DAY_MS).toISOString().slice(0, 10);
