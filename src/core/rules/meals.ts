import { isRough } from '../model';
import { finding } from './finding';
import type { Rule } from './rule';

/** Several small meals rather than one, twice a day at the least in a rough tank (fact of the trade, common practice). */
const LEAST = 2;

/** Meals a day in a rough tank: hungry fish are rougher. Silent while nobody has said how often. */
export const meals: Rule = {
  name: 'meals',
  judge: ({ kinds, routine }) => {
    const rough = kinds.filter((kind) => isRough(kind.profile));
    if (routine.mealsAssumed || rough.length === 0 || routine.mealsPerDay >= LEAST) return [];
    return [
      finding('meals', {
        severity: 'note',
        species: rough.map((kind) => kind.profile.id),
        text: `Hungry fish are rougher: give a rough tank several small meals, twice a day at the least, rather than ${routine.mealsPerDay === 0 ? 'none' : 'one'}.`,
        because: { mealsPerDay: routine.mealsPerDay },
        fixes: [{ text: 'Feed the same amount in two or more meals.' }],
      }),
    ];
  },
};
