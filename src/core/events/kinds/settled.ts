import { choiceField, type EntryId, groupField, idField, listField, textField } from '../../kernel';
import { defineEvent, note, species, tank } from '../define';
import { PREDICTION_ENDS } from '../vocabulary';

/** How a warning came out that was kept score of: the keeper's word. */
export const settled = defineEvent(
  'settled',
  {
    tank: tank(),
    /** The entry in which it was said, and which of its warnings. */
    of: idField<EntryId>(),
    about: groupField({ rule: textField(), species: listField<string>(species(), { most: 50 }) }),
    outcome: choiceField(PREDICTION_ENDS),
    note: note(),
  },
  { residents: () => [], correctable: ['outcome', 'note'], apply: (room) => room },
);
