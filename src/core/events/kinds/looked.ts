import { choiceField, listField, wholeField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { lifeOf, withTank } from '../roomChanges';
import { SIGNS, type Sign } from '../vocabulary';

/** The minute's look some hours after a release. */
export const looked = defineEvent(
  'looked',
  'a look at newcomers',
  {
    tank: tank(),
    hours: wholeField('hours after the release', 0, 1000),
    seen: wholeField('newcomers seen', 0, 10_000).nullable().optional().default(null),
    signs: listField<Sign>('signs', choiceField('a sign', SIGNS)),
    note: note(),
  },
  {
    residents: () => [],
    correctable: ['hours', 'seen', 'note'],
    apply: (room, event) =>
      withTank(room, event.tank, { looks: [...lifeOf(room, event.tank).looks, event.hours] }),
  },
);
