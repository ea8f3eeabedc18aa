import { listField, type ResidentId } from '../../kernel';
import { defineEvent, note, resident, species, tank } from '../define';

/** Eggs or young were laid or dropped. */
export const spawned = defineEvent(
  'spawned',
  { tank: tank(), parents: listField<ResidentId>(resident()), species: species(), note: note() },
  { residents: (event) => event.parents, correctable: ['note'], apply: (room) => room },
);
