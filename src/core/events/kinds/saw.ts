import { choiceField, noteField } from '../../kernel';
import { defineEvent, note, resident, tank } from '../define';
import { ILLNESS } from '../quarantineLife';
import { lifeOf, withTank } from '../roomChanges';
import { SIGNS } from '../vocabulary';

/** Something seen of a fish, or of the tank as a whole, without a contest. */
export const saw = defineEvent(
  'saw',
  {
    tank: tank(),
    resident: resident().nullable().optional().default(null),
    what: choiceField(SIGNS),
    place: noteField(),
    watch: noteField().optional(),
    note: note(),
  },
  {
    residents: (event) => (event.resident ? [event.resident] : []),
    correctable: ['what', 'place', 'note'],
    apply: (room, event) => {
      const { quarantine } = lifeOf(room, event.tank);
      return quarantine.begunOn === null || !ILLNESS.has(event.what)
        ? room
        : withTank(room, event.tank, { quarantine: { ...quarantine, lastSign: event.on } });
    },
  },
);
