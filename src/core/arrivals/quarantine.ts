import type { Dated, Sign } from '../events/events';
import type { QuarantineLife } from '../events/room';
import { addDays, daysBetween } from '../kernel/time/days';

/** Signs that make a quarantine longer. */
export const ILLNESS: ReadonlySet<Sign> = new Set([
  'flashing',
  'spots or film',
  'gasping',
  'bloated',
  'thin',
  'not eating',
  'torn',
]);

/** Quarantine lasts four weeks at the least (common practice: four to six). */
export const QUARANTINE_DAYS = 28;
export const QUARANTINE_LONG_DAYS = 42;
/** After the last sign or treatment two clear weeks have to pass (from memory). */
export const CLEAR_DAYS = 14;

/** What a step leaves of the quarantine of a tank. */
export function afterQuarantine(
  life: QuarantineLife,
  step: Extract<Dated, { type: 'quarantine' }>,
): QuarantineLife {
  switch (step.what) {
    case 'begun':
      return { begunOn: step.on, days: step.days ?? QUARANTINE_DAYS, lastSign: null, passedOn: null };
    case 'extended':
      return { ...life, days: step.days ?? life.days + CLEAR_DAYS };
    case 'passed':
      return { ...life, begunOn: null, passedOn: step.on };
    case 'given up':
      return { ...life, begunOn: null };
  }
}

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
