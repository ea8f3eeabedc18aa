import { dayField, groupField, listField, textField, wholeField } from '../../kernel/schema/fields';
import { defineRecord, tank } from '../define';

/** Care that comes round by itself. */
export const careRecord = defineRecord(
  'care',
  'recurring care',
  {
    tank: tank(),
    items: listField<{ what: string; everyDays: number; lastOn: string }>(
      'things to do',
      groupField('a thing to do', {
        what: textField('what'),
        everyDays: wholeField('days', 1, 730),
        lastOn: dayField('when it was last done'),
      }),
    ),
  },
  { itemKeys: { items: 'what' } },
);
