import { dayField, groupField, listField, textField, wholeField } from '../../kernel';
import { defineRecord, tank } from '../define';

/** One thing that comes round. */
export const careFields = {
  what: textField('what'),
  everyDays: wholeField('days', 1, 730),
  lastOn: dayField('when it was last done'),
};

/** Care that comes round by itself. */
export const careRecord = defineRecord(
  'care',
  'recurring care',
  {
    tank: tank(),
    items: listField<{ what: string; everyDays: number; lastOn: string }>(
      'things to do',
      groupField('a thing to do', careFields),
    ),
  },
  { itemKeys: { items: 'what' } },
);
