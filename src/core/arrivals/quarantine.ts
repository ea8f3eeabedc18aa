import { CLEAR_DAYS } from '../events/quarantineDays';
import type { QuarantineLife } from '../events/room';
import { addDays, daysBetween } from '../kernel/time/days';

/** How a quarantine stands. Dates are ISO. */
export interface QuarantineState {
  readonly day: number;
  readonly days: number;
  /** The first day on which the batch may leave, if nothing more shows. */
  readonly freeOn: string;
  /** Why it lasts longer than was set; empty when it does not. */
  readonly why: string;
}

/**
 * Day and end of a quarantine that began on a day: as long as was set, and at least two weeks clear after the last sign
 * or treatment. `today` is an ISO date.
 */
export function quarantineState(life: QuarantineLife, begun: string, today: string): QuarantineState {
  const start = begun.slice(0, 10);
  const set = addDays(start, life.days);
  const clear = life.lastSign === null ? set : addDays(life.lastSign.slice(0, 10), CLEAR_DAYS);
  const later = clear > set;
  return {
    day: daysBetween(start, today) + 1,
    days: life.days,
    freeOn: later ? clear : set,
    why: later ? `something showed on ${life.lastSign?.slice(0, 10)}: two clear weeks after it` : '',
  };
}
