import type { BioloadFact, EatingFact, Finding, FoodFact, NitrateFact } from '@/core/rules';
import { listed, verb } from '../names';
import { percent } from '../quantities';
import type { Words } from '../words';

type About = Pick<Finding, 'severity' | 'species' | 'from'>;

/** One species eats another: as sure as the size of the mouth makes it. */
export function sayEating(fact: EatingFact, { severity, species }: About, words: Words): string {
  const [eater = '', prey = ''] = species;
  const [eaters, eaten] = fact.counts;
  const who = words.own(eater, eaters);
  const whom = words.own(prey, eaten);
  switch (fact.how) {
    case 'bit by bit':
      return `${who} ${verb(eaters, 'kills', 'kill')} ${whom} bit by bit.`;
    case 'while small':
      return `${who} may eat ${whom} while ${verb(eaten, 'it is', 'they are')} small.`;
    case 'snails':
      return `${who} ${verb(eaters, 'eats', 'eat')} snails, ${whom} too.`;
    case 'whole':
      if (severity === 'stop')
        return fact.later
          ? `${who} will eat ${whom}.`
          : `${who} ${verb(eaters, 'eats', 'eat')} ${words.many(prey)} of this size.`;
      return severity === 'caution'
        ? `${who} will probably eat ${whom}.`
        : `${who} may eat a small or weak ${words.one(prey)}.`;
  }
}

/** Food that goes to others, or that has to be at hand. */
export function sayFood(fact: FoodFact, { species }: About, words: Words): string {
  const [first = '', ...others] = species;
  const rest = listed(others.map(words.many));
  switch (fact.says) {
    case 'food/out-eaten':
      return fact.reached
        ? `${rest} eat before food reaches ${words.own(first, fact.count)}.`
        : `${rest} will take food from ${words.own(first, fact.count)}, which ${verb(fact.count, 'eats', 'eat')} slowly.`;
    case 'food/rich':
      return `the rich food that ${rest} need makes grazing ${words.many(first)} ${fact.ill ? 'ill' : 'fat'}.`;
    case 'food/wood':
      return `${words.many(first)} need wood to gnaw.`;
    case 'food/snails':
      return `${words.many(first)} need snails: keep a culture.`;
    case 'food/meals':
      return 'hungry fish are more aggressive.';
  }
}

/** Grown fish against the two old rules of stocking. */
export const sayBioload = ({ lengthRule, surfaceRule }: BioloadFact): string =>
  `when grown, these fish are ${percent(lengthRule)} of the length rule and ${percent(surfaceRule)} of the surface rule.`;

/** Nitrate when the list is grown. */
export function sayNitrate(fact: NitrateFact, { severity, from }: About, words: Words): string {
  const figure = (mgL: number): string => words.quantity('concentration', mgL);
  const plain = (mgL: number): string => String(Math.round(mgL));
  if (severity === 'good') return `${figure(fact.weekMgL)} of nitrate a week is within budget.`;
  if (severity === 'note')
    return fact.weekMgL > fact.budgetMgL
      ? `when grown, these fish make ${figure(fact.weekMgL)} of nitrate a week, over the budget of ${plain(fact.budgetMgL)}; it reaches ${figure(fact.peakMgL)} before each change.`
      : `nitrate is within budget, but reaches ${figure(fact.peakMgL)} before each change.`;
  return fact.weekMgL > fact.budgetMgL
    ? `${from === null ? 'when grown, these fish make' : 'these fish will make'} ${figure(fact.weekMgL)} of nitrate a week; the budget is ${plain(fact.budgetMgL)}.`
    : `nitrate will peak at ${figure(fact.peakMgL)}; your limit is ${plain(fact.edgeMgL)}.`;
}
