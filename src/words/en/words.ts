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
