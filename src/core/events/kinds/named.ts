import { textField } from '../../kernel';
import { defineEvent, resident } from '../define';
import { change } from '../roomChanges';

/** A fish or group got a name or mark. */
export const named = defineEvent(
  'named',
  { resident: resident(), name: textField() },
  {
    residents: (event) => [event.resident],
    correctable: ['name'],
    apply: (room, event) => change(room, event, event.resident, () => ({ name: event.name })),
  },
);
