import { choiceField, listField, noteField } from '../../kernel';
import { defineEvent, count, note, resident } from '../define';
import { leave } from '../roomChanges';
import { countFaults } from '../sense';
import { DEATHS, SIGNS, type Sign } from '../vocabulary';

/** Fish died, or are missing and presumed dead. */
export const died = defineEvent(
  'died',
  {
    resident: resident(),
    count: count(),
    how: choiceField(DEATHS),
    cause: noteField(),
    note: note(),
    signs: listField<Sign>(choiceField(SIGNS)).optional(),
    /** Deaths of one cause in one go share the name of the incident. */
    incident: noteField().optional(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['count', 'how', 'cause', 'note'],
    sense: (event, room) => countFaults(room, event.resident, event.count),
    apply: (room, event) => leave(room, event, event.resident, event.count, 'died'),
  },
);
