import { choiceField, dayField, noteField } from '../../kernel';
import { defineEvent, note, resident, tank } from '../define';
import { withTank } from '../roomChanges';
import { STEPS } from '../vocabulary';

/** The keeper stepped in. */
export const steppedIn = defineEvent(
  'stepped-in',
  {
    tank: tank(),
    step: choiceField(STEPS),
    note: note(),
    /** Steps of one bundle were taken in the same hour: their parts cannot be told apart. */
    bundle: noteField().optional(),
    who: resident().optional(),
    until: dayField().optional(),
  },
  {
    residents: (event) => (event.who ? [event.who] : []),
    correctable: ['step', 'note', 'until'],
    apply: (room, event) => withTank(room, event.tank, { lastStep: event.on }),
  },
);
