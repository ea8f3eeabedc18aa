import { choiceField, noteField, textField } from '../../kernel';
import { defineEvent, count, note, resident } from '../define';
import { leave } from '../roomChanges';
import { countFaults } from '../sense';
import { REHOME_REASONS } from '../vocabulary';

/** Fish went to another keeper. */
export const rehomed = defineEvent(
  'rehomed',
  {
    resident: resident(),
    count: count(),
    reason: choiceField(REHOME_REASONS),
    taker: textField(),
    credit: noteField(),
    note: note(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['count', 'reason', 'taker', 'credit', 'note'],
    sense: (event, room) => countFaults(room, event.resident, event.count),
    apply: (room, event) => leave(room, event, event.resident, event.count, 'rehomed'),
  },
);
