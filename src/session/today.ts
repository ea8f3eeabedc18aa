import { format } from 'date-fns';

/** The keeper's own day as an ISO date. */
export const todayIso = (): string => format(new Date(), 'yyyy-MM-dd');

/** The keeper's day and hour as an ISO moment: now, or the evening of another day. */
export function momentOn(day: string): string {
  return day === todayIso() ? new Date().toISOString() : new Date(`${day}T18:00:00`).toISOString();
}
