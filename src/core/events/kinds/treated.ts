import { textField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { lifeOf, withTank } from '../roomChanges';

/** Something given or added. Recorded, never dosed by Lomvik. */
export const treated = defineEvent(
  'treated',
  { tank: tank(), what: textField(), note: note() },
  {
    residents: () => [],
    correctable: ['what', 'note'],
    apply: (room, event) => {
      const { quarantine } = lifeOf(room, event.tank);
      return quarantine.begunOn === null
        ? room
        : withTank(room, event.tank, { quarantine: { ...quarantine, lastSign: event.on } });
    },
  },
);
