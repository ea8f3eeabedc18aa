import { choiceField, listField, wholeField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { lifeOf, withTank } from '../roomChanges';
import { SIGNS, type Sign } from '../vocabulary';

/** The minute's look some hours after a release. */
export const looked = defineEvent(
  'looked',
  {
    tank: tank(),
    /** Hours after the release. */
    hours: wholeField(0, 1000),
    /** Newcomers seen. */
    seen: wholeField(0, 10_000).nullable().optional().default(null),
    signs: listField<Sign>(choiceField(SIGNS)),
    note: note(),
  },
  {
    residents: () => [],
    correctable: ['hours', 'seen', 'note'],
    apply: (room, event) =>
      withTank(room, event.tank, { looks: [...lifeOf(room, event.tank).looks, event.hours] }),
  },
);
