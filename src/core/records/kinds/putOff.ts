import { dayField, groupField, listField, noteField, textField } from '../../kernel';
import { defineRecord } from '../define';

/** Due things put off, each with its day and the reason. */
export const putOffRecord = defineRecord(
  'put-off',
  {
    items: listField<{ key: string; until: string; why: string }>(
      groupField({
        key: textField(),
        until: dayField(),
        why: noteField(),
      }),
    ),
  },
  { itemKeys: { items: 'key' } },
);
