import { CLEAR_DAYS, QUARANTINE_DAYS } from './quarantineDays';
import type { QuarantineLife } from './room';
import type { QuarantineStep, Sign } from './vocabulary';

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

/** What a step leaves of the quarantine of a tank. */
export function afterQuarantine(
  life: QuarantineLife,
  step: { readonly what: QuarantineStep; readonly days?: number | undefined; readonly on: string },
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
