import { dayField, groupField, listField, textField, wholeField } from '../../kernel';
import { defineRecord, tank } from '../define';

/** One thing that comes round. */
export const careFields = {
  what: textField(),
  everyDays: wholeField(1, 730),
  lastOn: dayField(),
};

/** Care that comes round by itself. */
export const careRecord = defineRecord(
  'care',
  {
    tank: tank(),
    items: listField<{ what: string; everyDays: number; lastOn: string }>(groupField(careFields)),
  },
  { itemKeys: { items: 'what' } },
);
