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
