import { groupField, listField, momentField, textField } from '../../kernel';
import { defineRecord, tank } from '../define';

/** A release that runs: which kinds, and what was ticked when. */
export const releaseRecord = defineRecord(
  'release',
  {
    tank: tank(),
    who: textField(),
    startedOn: momentField(),
    done: listField<{ step: string; on: string }>(groupField({ step: textField(), on: momentField() })),
  },
  { itemKeys: { done: 'step' } },
);
