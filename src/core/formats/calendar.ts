import { createEvents, type DateArray } from 'ics';
import { addDays } from '../kernel';

/** A dated thing that goes into a calendar: whole days. */
export interface CalendarEntry {
  readonly uid: string;
  readonly title: string;
  /** First day, ISO date. */
  readonly on: string;
  /** How many days it takes; 1 for a day. */
  readonly days: number;
  readonly about: string;
}

const parts = (iso: string): DateArray => iso.split('-').map(Number) as unknown as DateArray;

/** A text as a value of RFC 5545. */
const escaped = (text: string): string => text.replace(/[\\;,]/g, '\\$&').replace(/\r?\n/g, '\\n');

/**
 * Entries as iCalendar text (RFC 5545), by the package ics. Errors: an entry that cannot be written is named.
 */
export function calendarText(name: string, entries: readonly CalendarEntry[]): string {
  if (entries.length === 0)
    return `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:lomvik\r\nX-WR-CALNAME:${escaped(name)}\r\nEND:VCALENDAR\r\n`;
  const { error, value } = createEvents(
    entries.map(({ uid, title, on, days, about }) => ({
      uid: `${uid}@lomvik`,
      title,
      start: parts(on),
      end: parts(addDays(on, days)),
      description: about,
      calName: name,
      productId: 'lomvik',
    })),
  );
  if (error || typeof value !== 'string')
    throw new Error(`The calendar could not be written: ${error?.message ?? 'no text'}`);
  return value;
}
