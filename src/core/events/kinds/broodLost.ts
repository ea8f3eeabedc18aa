import { choiceField, listField, type ResidentId } from '../../kernel';
import { defineEvent, note, resident, species, tank } from '../define';
import { BROOD_ENDS } from '../vocabulary';

/** Eggs or young are gone: eaten, dead, or not seen again. Whoever guarded them has nothing to guard. */
export const broodLost = defineEvent(
  'brood-lost',
  {
    tank: tank(),
    species: species(),
    parents: listField<ResidentId>(resident()),
    how: choiceField(BROOD_ENDS),
    note: note(),
  },
  { residents: (event) => event.parents, correctable: ['how', 'note'], apply: (room) => room },
);
