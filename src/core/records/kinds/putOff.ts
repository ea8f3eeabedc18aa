import { dayField, groupField, listField, noteField, textField } from '../../kernel';
import { defineRecord } from '../define';

/** Due things put off, each with its day and the reason. */
export const putOffRecord = defineRecord(
  'put-off',
  'what is put off',
  {
    items: listField<{ key: string; until: string; why: string }>(
      'things put off',
      groupField('a thing put off', {
        key: textField('what'),
        until: dayField('until when'),
        why: noteField('why'),
      }),
    ),
  },
  { itemKeys: { items: 'key' } },
);
