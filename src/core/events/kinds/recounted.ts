import { choiceField, wholeField } from '../../kernel';
import { defineEvent, note, resident } from '../define';
import { change, trimmed } from '../roomChanges';
import { RECOUNTS } from '../vocabulary';

/** The record brought to what was counted, and why it was off. */
export const recounted = defineEvent(
  'recounted',
  {
    resident: resident(),
    count: wholeField(0, 10_000),
    /** Why the record was wrong. */
    why: choiceField(RECOUNTS),
    note: note(),
  },
  {
    residents: (event) => [event.resident],
    correctable: ['count', 'why', 'note'],
    apply: (room, event) =>
      change(room, event, event.resident, (one) => ({
        count: event.count,
        leftOn: event.count === 0 ? event.on : null,
        died: event.why === 'lost unseen' ? one.died + Math.max(0, one.count - event.count) : one.died,
        ...trimmed(one, event.count),
      })),
  },
);
