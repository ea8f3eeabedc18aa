import { wholeField } from '../../kernel';
import { defineEvent, note, species, tank } from '../define';

/** Fry were seen. */
export const fry = defineEvent(
  'fry',
  { tank: tank(), species: species(), seen: wholeField(0, 100_000), note: note() },
  { residents: () => [], correctable: ['seen', 'note'], apply: (room) => room },
);
