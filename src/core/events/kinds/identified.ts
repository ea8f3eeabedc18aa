import { defineEvent, note, resident, species } from '../define';
import { change } from '../roomChanges';

/** A fish turned out to be of another species. */
export const identified = defineEvent(
  'identified',
  { resident: resident(), species: species(), note: note() },
  {
    residents: (event) => [event.resident],
    correctable: ['note'],
    apply: (room, event) => change(room, event, event.resident, () => ({ species: event.species })),
  },
);
