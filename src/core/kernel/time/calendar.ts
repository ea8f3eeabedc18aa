const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
const MOMENT = /^\d{4}-\d{2}-\d{2}T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,3})?)?Z?$/;

/** The years that a fish room can speak of: older and later ones are slips of the hand. */
const FIRST_YEAR = 1900;
const LAST_YEAR = 2199;

const LENGTHS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;
const isLeap = (year: number): boolean => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;

/**
 * Whether a text is a day that the calendar has, from 1900 to 2199.
 * @example isDay('2026-02-30') // false
 */
export function isDay(text: string): boolean {
  const match = DAY.exec(text);
  if (!match) return false;
  const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])];
  if (year < FIRST_YEAR || year > LAST_YEAR) return false;
  const length = month === 2 && isLeap(year) ? 29 : LENGTHS[month - 1];
  return length !== undefined && day >= 1 && day <= length;
}

/**
 * Whether a text is a moment in Coordinated Universal Time on such a day: `2026-11-28T09:05:00.000Z`; seconds and the
 * Z may be missing.
 * @example isMoment('2026-13-45T99:99') // false
 */
export function isMoment(text: string): boolean {
  if (!MOMENT.test(text)) return false;
  const day = text.slice(0, 10);
  if (day === lastDay) return true;
  if (!isDay(day)) return false;
  lastDay = day;
  return true;
}
/** The entries of a journal come day by day: the day that was looked at last is not looked at again. */
let lastDay = '';
