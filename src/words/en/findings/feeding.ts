import type { EatingFact, Finding, NitrateFact } from '@/core/rules';
import { capital } from '../names';
import type { Words } from '../words';

/** One species eats another: as sure as the size of the mouth makes it. */
export function sayEating(
  fact: EatingFact,
  { severity, species }: Pick<Finding, 'severity' | 'species'>,
  words: Words,
): string {
  const [eater = '', prey = ''] = species;
  const [eaters, eaten] = fact.counts;
  const who = capital(words.own(eater, eaters));
  const whom = words.own(prey, eaten);
  const s = eaters === 1 ? 's' : '';
  switch (fact.how) {
    case 'bit by bit':
      return `${who} kill${s} ${whom} bit by bit.`;
    case 'while small':
      return `${who} may eat ${whom} while ${eaten === 1 ? 'it is' : 'they are'} small.`;
    case 'snails':
      return `${who} eat${s} snails, ${whom} too.`;
    case 'whole':
      if (severity === 'stop')
        return fact.later ? `${who} will eat ${whom}.` : `${who} eat${s} ${whom} of this size.`;
      return severity === 'caution'
        ? `${who} will probably eat ${whom}.`
        : `${who} may eat a small or weak ${words.one(prey)}.`;
  }
}

/** Nitrate when the list is grown. */
export function sayNitrate(fact: NitrateFact, { severity }: Pick<Finding, 'severity'>, words: Words): string {
  const figure = (mgL: number): string => words.quantity('concentration', mgL);
  const plain = (mgL: number): string => String(Math.round(mgL));
  if (severity === 'good') return `${capital(figure(fact.weekMgL))} of nitrate a week is within budget.`;
  if (severity === 'note')
    return `Nitrate is within budget, but reaches ${figure(fact.peakMgL)} before each change.`;
  return fact.weekMgL > fact.budgetMgL
    ? `When grown, these fish make ${figure(fact.weekMgL)} of nitrate a week; the budget is ${plain(fact.budgetMgL)}.`
    : `Nitrate will peak at ${figure(fact.peakMgL)}; the limit is ${plain(fact.edgeMgL)}.`;
}
