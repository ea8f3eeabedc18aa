import { textField } from '../../kernel';
import { defineEvent, tank } from '../define';

/** A note of the keeper's, on a tank or on the room. */
export const noted = defineEvent(
  'noted',
  { tank: tank().nullable().optional().default(null), text: textField() },
  { residents: () => [], correctable: ['text'], apply: (room) => room },
);
