import { choiceField } from '../../kernel';
import { defineEvent, note, resident, sexCounts } from '../define';
import { change } from '../roomChanges';
import { residentIn, sexFaults } from '../sense';
import { SEXES, SURENESS } from '../vocabulary';

/** The sex of a fish, or the sexes of a group, became known. */
export const sexed = defineEvent(
  'sexed',
  {
    resident: resident(),
    sex: choiceField(SEXES),
    sure: choiceField(SURENESS),
    ...sexCounts(),
    note: note(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['sex', 'sure', 'males', 'females', 'note'],
    sense: (event, room) => {
      const one = residentIn(room, event.resident);
      return one ? sexFaults({ ...event, count: one.count }) : [];
    },
    apply: (room, event) =>
      change(room, event, event.resident, () => ({
        sex: event.sex,
        sexSure: event.sure,
        males: event.males,
        females: event.females,
      })),
  },
);
