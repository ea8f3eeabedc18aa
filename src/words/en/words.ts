import { format, parseISO } from 'date-fns';
import type { UnitChoice } from '@/core/kernel';
import type { Catalogue } from '@/core/model';
import { type SpeciesNames, speciesNames } from './names';
import { type Quantities, quantitiesIn } from './quantities';

/** How facts are said to one keeper: names of species, and figures in his units. */
export type Words = SpeciesNames & Quantities;

export const wordsFor = (catalogue: Pick<Catalogue, 'byId'>, choice: UnitChoice): Words => ({
  ...speciesNames(catalogue),
  ...quantitiesIn(choice),
});

/** A month of a file, `2027-06`, as "Jun 2027". */
export const monthName = (month: string): string =>
  new Date(`${month}-15T12:00:00Z`).toLocaleDateString('en', {
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  });

const DAY_LENGTH = 10;

/** A day, `2026-11-24`, or the keeper's own day of a moment, as "24 Nov"; with its year where it is not this one. */
export function dayName(dayOrMoment: string, now: number = Date.now()): string {
  const day = dayOrMoment.length > DAY_LENGTH ? format(parseISO(dayOrMoment), 'yyyy-MM-dd') : dayOrMoment;
  const at = Date.parse(`${day}T12:00:00Z`);
  const thisYear = new Date(at).getUTCFullYear() === new Date(now).getUTCFullYear();
  return new Date(at).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
    ...(thisYear ? {} : { year: 'numeric' }),
  });
}
