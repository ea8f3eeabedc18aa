import { choiceField, dayField, noteField } from '../../kernel';
import { defineEvent, note, resident, tank } from '../define';
import { change, withTank } from '../roomChanges';
import { ASIDE_STEPS, STEPS } from '../vocabulary';

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
    apply: (room, event) => {
      const stepped = withTank(room, event.tank, { lastStep: event.on });
      // Who is put into another tank moves in an entry of its own, which ends this.
      return event.who && ASIDE_STEPS.includes(event.step)
        ? change(stepped, event, event.who, () => ({
            boxed: { since: event.on, until: event.until ?? null },
          }))
        : stepped;
    },
  },
);
