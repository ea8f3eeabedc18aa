import { defineEvent, length, resident } from '../define';
import { change } from '../roomChanges';

/** A length was taken, cm. */
export const measured = defineEvent(
  'measured',
  { resident: resident(), lengthCm: length() },
  {
    residents: (event) => [event.resident],
    correctable: ['lengthCm'],
    apply: (room, event) =>
      change(room, event, event.resident, () => ({ lengthCm: event.lengthCm, measuredOn: event.on })),
  },
);
