import { choiceField, dayField, noteField } from '../../kernel';
import { defineEvent, note, resident, tank } from '../define';
import { withTank } from '../roomChanges';
import { STEPS } from '../vocabulary';

/** The keeper stepped in. */
export const steppedIn = defineEvent(
  'stepped-in',
  'a step taken',
  {
    tank: tank(),
    step: choiceField('the step', STEPS),
    note: note(),
    /** Steps of one bundle were taken in the same hour: their parts cannot be told apart. */
    bundle: noteField('the bundle it belongs to').optional(),
    who: resident().optional(),
    until: dayField('until when').optional(),
  },
  {
    residents: (event) => (event.who ? [event.who] : []),
    correctable: ['step', 'note', 'until'],
    apply: (room, event) => withTank(room, event.tank, { lastStep: event.on }),
  },
);
