import { listField, type ResidentId, wholeField } from '../../kernel';
import { defineEvent, note, resident, species, tank } from '../define';
import { withTank } from '../roomChanges';

/** Heads of a kind were counted at the glass. */
export const counted = defineEvent(
  'counted',
  {
    tank: tank(),
    species: species(),
    seen: wholeField(0, 100_000),
    note: note(),
    /** Who was seen, where fish are known by name. */
    who: listField<ResidentId>(resident()).optional(),
  },
  {
    residents: (event) => event.who ?? [],
    correctable: ['seen', 'note'],
    apply: (room, event) => withTank(room, event.tank, { lastCount: event.on }),
  },
);
