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

/** A day of a file, `2026-11-24`, as "24 Nov"; with its year where it is not this one. */
export function dayName(day: string, now: number = Date.now()): string {
  const at = Date.parse(`${day.slice(0, 10)}T12:00:00Z`);
  const thisYear = new Date(at).getUTCFullYear() === new Date(now).getUTCFullYear();
  return new Date(at).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
    ...(thisYear ? {} : { year: 'numeric' }),
  });
}
