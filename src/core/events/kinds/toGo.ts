import { choiceField, noteField, wholeField } from '../../kernel';
import { defineEvent, note, resident } from '../define';
import { change } from '../roomChanges';
import { countFaults } from '../sense';
import { REHOME_REASONS } from '../vocabulary';

/** Somebody is to leave: why, and who takes it once that is arranged. A count of 0 says that it stays after all. */
export const toGo = defineEvent(
  'to-go',
  {
    resident: resident(),
    count: wholeField(0, 10_000),
    reason: choiceField(REHOME_REASONS),
    taker: noteField(),
    note: note(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['count', 'reason', 'taker', 'note'],
    sense: (event, room) => countFaults(room, event.resident, event.count),
    apply: (room, event) => {
      const { count, reason, taker, note: why, on } = event;
      return change(room, event, event.resident, (one) => ({
        toGo: count === 0 ? null : { count: Math.min(count, one.count), reason, taker, note: why, since: on },
      }));
    },
  },
);
