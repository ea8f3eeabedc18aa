import { isRough } from '../model';
import { finding } from './finding';
import { advise } from './fixes';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'food/meals': object;
  }
}

/** Several small meals rather than one, twice a day at the least with aggressive fish (fact of the trade, common practice). */
const LEAST = 2;

const SEVERITY = severityTable(
  `Aggressive fish fed fewer than ${LEAST} times a day`,
  [otherwise('note')],
  'Common practice: several small meals calm aggressive fish.',
);

/** Meals a day for aggressive fish: hungry ones are worse. Silent while nobody has said how often. */
export const meals: Rule = {
  name: 'meals',
  severities: [SEVERITY],
  judge: ({ planned, routine }) => {
    const rough = planned.filter((species) => isRough(species.profile));
    if (routine.mealsAssumed || rough.length === 0 || routine.mealsPerDay >= LEAST) return [];
    return [
      finding('meals', {
        severity: 'note',
        species: rough.map((species) => species.profile.id),
        fact: { says: 'food/meals' },
        because: { mealsPerDay: routine.mealsPerDay },
        fixes: [advise('two meals')],
      }),
    ];
  },
};
