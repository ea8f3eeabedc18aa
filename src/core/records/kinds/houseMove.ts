import {
  groupField,
  idField,
  listField,
  momentField,
  refersTo,
  type ResidentId,
  textField,
  wholeField,
} from '../../kernel';
import { defineRecord, tank } from '../define';

/** What goes into a bucket, and how many came out of it. */
export const loadFields = {
  resident: refersTo('resident', idField<ResidentId>('who')),
  out: wholeField('how many went in the bucket', 1, 10_000),
  in: wholeField('how many came out of it', 0, 10_000).nullable().optional().default(null),
};

/** A move from tank to tank while it runs: what was ticked, and each bucket with its counts out and in. */
export const houseMoveRecord = defineRecord('house-move', 'a move', {
  from: tank(),
  to: tank(),
  startedOn: momentField('when it began'),
  done: listField<string>('steps done', textField('a step')),
  loads: listField<{ resident: string; out: number; in: number | null }>(
    'buckets',
    groupField('a bucket', loadFields),
  ),
});
