import { groupField, listField, momentField, textField } from '../../kernel';
import { defineRecord, tank } from '../define';

/** A release that runs: which kinds, and what was ticked when. */
export const releaseRecord = defineRecord(
  'release',
  'a release',
  {
    tank: tank(),
    who: textField('who is released'),
    startedOn: momentField('when it began'),
    done: listField<{ step: string; on: string }>(
      'steps done',
      groupField('a step', { step: textField('a step'), on: momentField('when') }),
    ),
  },
  { itemKeys: { done: 'step' } },
);
