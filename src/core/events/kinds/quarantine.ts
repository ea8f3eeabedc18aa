import { choiceField, listField, wholeField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { afterQuarantine } from '../quarantineLife';
import { lifeOf, withTank } from '../roomChanges';
import { QUARANTINE_CHECKS, QUARANTINE_STEPS, type QuarantineCheck } from '../vocabulary';

/** A quarantine begun, made longer, passed or given up. */
export const quarantine = defineEvent(
  'quarantine',
  {
    tank: tank(),
    what: choiceField(QUARANTINE_STEPS),
    /** Days it is to last. */
    days: wholeField(1, 365).optional(),
    checked: listField<QuarantineCheck>(choiceField(QUARANTINE_CHECKS)).optional(),
    note: note(),
  },
  {
    residents: () => [],
    correctable: ['what', 'days', 'note'],
    apply: (room, event) =>
      withTank(room, event.tank, { quarantine: afterQuarantine(lifeOf(room, event.tank).quarantine, event) }),
  },
);
