import type { Growth } from '@/core/assess';
import type { Fact } from '@/core/rules';
import { sayFact } from './findings';
import { capital } from './names';
import { percent } from './quantities';
import type { Words } from './words';

type Of<Says> = Extract<Fact, { readonly says: Says }>;

/** A problem that a newcomer makes worse: from what to what. */
export function sayGrowth({ finding, was }: Growth, words: Words): string {
  const { fact } = finding;
  switch (fact.says) {
    case 'floor/claimed': {
      const before = was as Of<'floor/claimed'>;
      return `Fish that want territories: ${fact.holders} instead of ${before.holders}; ${fact.without} will find none.`;
    }
    case 'bioload/rules': {
      const before = was as Of<'bioload/rules'>;
      return `Bioload grows from ${percent(before.lengthRule)} to ${percent(fact.lengthRule)} of the length rule.`;
    }
    case 'nitrate/makes': {
      const before = was as Of<'nitrate/makes'>;
      return `Nitrate grows from ${Math.round(before.weekMgL)} to ${words.quantity('concentration', fact.weekMgL)} a week; the budget is ${Math.round(fact.budgetMgL)}.`;
    }
    default:
      return capital(sayFact(finding, words));
  }
}
