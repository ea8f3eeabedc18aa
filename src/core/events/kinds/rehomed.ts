import { choiceField, noteField, textField } from '../../kernel';
import { defineEvent, count, note, resident } from '../define';
import { leave } from '../roomChanges';
import { countFaults } from '../sense';
import { REHOME_REASONS } from '../vocabulary';

/** Fish went to another keeper. */
export const rehomed = defineEvent(
  'rehomed',
  'a rehoming',
  {
    resident: resident(),
    count: count(),
    reason: choiceField('the reason', REHOME_REASONS),
    taker: textField('who takes it'),
    credit: noteField('credit'),
    note: note(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['count', 'reason', 'taker', 'credit', 'note'],
    sense: (event, room) => countFaults(room, event.resident, event.count),
    apply: (room, event) => leave(room, event, event.resident, event.count, 'rehomed'),
  },
);
