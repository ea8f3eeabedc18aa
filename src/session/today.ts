import { lightFormat, parseISO } from 'date-fns';
import { type When, whenIn } from '@/core/kernel';
import { zoneHere } from './zoneHere';

/** The keeper's own day as an ISO date. */
export const todayIso = (): string => lightFormat(new Date(), 'yyyy-MM-dd');

/** The keeper's day and hour as an ISO moment: now, or the evening of another day. */
export function momentOn(day: string): string {
  return day === todayIso() ? new Date().toISOString() : new Date(`${day}T18:00:00`).toISOString();
}

/** The keeper's own day of a moment, as an ISO date. */
export const dayOf = (moment: string): string =>
  moment.length === 10 ? moment : lightFormat(parseISO(moment), 'yyyy-MM-dd');

/** Now, as the keeper counts days. */
export const whenNow = (): When => whenIn(new Date().toISOString(), zoneHere());
