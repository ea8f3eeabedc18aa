import { HOUR_MS, type MgL } from '../kernel';
import type { FilterLife } from './room';
import type { FilterStep } from './vocabulary';

/** A filter is proven when a test dose is gone within a day (common practice); half a day of grace for the second look. */
const PROVEN_WITHIN_HOURS = 36;
/** Kits show their first colour at 0.25 mg/L or so: what reads less than this is nothing (from memory). */
const NOTHING_MGL = 0.1;
/** A dose smaller than this proves nothing (from memory; two mg/L is usual). */
const LEAST_DOSE_MGL = 1;

/** What a test says of a filter: proven, when ammonia and nitrite are both nothing soon enough after a dose. */
export function afterTest(
  filter: FilterLife,
  test: {
    readonly on: string;
    readonly ammoniaMgL?: MgL | undefined;
    readonly nitriteMgL?: MgL | undefined;
  },
): FilterLife {
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
export function afterStep(
  filter: FilterLife,
  step: { readonly what: FilterStep; readonly on: string; readonly doseMgL?: MgL | undefined },
): FilterLife {
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
