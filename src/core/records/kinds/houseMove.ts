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
const loadFields = {
  resident: refersTo('resident', idField<ResidentId>()),
  /** How many went into the bucket. */
  out: wholeField(1, 10_000),
  /** How many came out of it. */
  in: wholeField(0, 10_000).nullable().optional().default(null),
  /** The bucket it was in, from 1; each its own where nothing is said. */
  bucket: wholeField(1, 10_000).optional(),
};

/** A move from tank to tank while it runs: what was ticked, and each bucket with its counts out and in. */
export const houseMoveRecord = defineRecord('house-move', {
  from: tank(),
  to: tank(),
  startedOn: momentField(),
  done: listField<string>(textField()),
  loads: listField<{ resident: string; out: number; in: number | null; bucket?: number | undefined }>(
    groupField(loadFields),
  ),
});
