import { choiceField, listField, type ResidentId, wholeField } from '../../kernel';
import { defineEvent, note, resident, tank } from '../define';
import { afterQuarantine } from '../quarantineLife';
import { QUARANTINE_CHECKS, QUARANTINE_STEPS, type QuarantineCheck } from '../vocabulary';

/** A quarantine begun, made longer, passed or given up. */
export const quarantine = defineEvent(
  'quarantine',
  {
    tank: tank(),
    what: choiceField(QUARANTINE_STEPS),
    /** Days it is to last. */
    days: wholeField(1, 365).optional(),
    /** The batch it is about; everybody in the tank when nobody is named. */
    residents: listField<ResidentId>(resident()).optional(),
    checked: listField<QuarantineCheck>(choiceField(QUARANTINE_CHECKS)).optional(),
    note: note(),
  },
  {
    residents: (event) => event.residents ?? [],
    correctable: ['what', 'days', 'note'],
    apply: afterQuarantine,
  },
);
