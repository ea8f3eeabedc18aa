import type { UnitChoice } from '@/core/kernel';
import type { Catalogue } from '@/core/model';
import type { Finding, Fix } from '@/core/rules';
import { sayWater } from './findings/water';
import { sayFix } from './fixes';
import { wordsFor } from './words';

/** Facts as sentences. */
export interface Sayings {
  readonly finding: (finding: Pick<Finding, 'fact' | 'species' | 'text'>) => string;
  readonly fix: (fix: Fix) => string;
}

/** What a finding says, and what a fix does, in the words of a keeper. */
export function sayingsFor(catalogue: Pick<Catalogue, 'byId'>, choice: UnitChoice): Sayings {
  const words = wordsFor(catalogue, choice);
  return {
    finding: ({ fact, species, text }) => (fact ? sayWater(fact, species, words) : text),
    fix: (fix) => sayFix(fix, words),
  };
}
