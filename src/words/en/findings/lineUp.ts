import type { LineUpFact } from '@/core/rules';
import { LAYER_PLACES } from '../vocabulary';
import type { Words } from '../words';

/** Why a line-up does without a species, where no rule says it. */
export function sayLineUp(fact: LineUpFact, species: readonly string[], words: Words): string {
  const [id = ''] = species;
  const many = words.many(id);
  switch (fact.says) {
    case 'line-up/no number':
      return `no number of ${many} fits this tank.`;
    case 'line-up/nitrate':
      return `${many} would make more nitrate than the ${words.quantity('concentration', fact.leftMgL)} a week that this line-up leaves.`;
    case 'line-up/layer':
      return `this line-up leaves too little room ${LAYER_PLACES[fact.layer]} for ${many}.`;
    case 'line-up/fits too':
      return `${many} would fit as well; this line-up does without them.`;
    case 'line-up/worth less':
      return `with ${many} the line-up is worth less to you: their problems weigh more than your wish for them.`;
    case 'line-up/part stays':
      return fact.stay === 0
        ? `there is no room for ${many}.`
        : `${fact.stay} of the ${many} can stay; ${fact.leave} ${fact.leave === 1 ? 'is' : 'are'} too many.`;
  }
}
