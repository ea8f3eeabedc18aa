import { listField, textField } from '../../kernel';
import { speciesSchema } from '../../model';
import { defineRecord } from '../define';

/** A species of the keeper's own, or the keeper's figures for a shipped one. */
export const speciesRecord = defineRecord('species', "a keeper's species", {
  profile: speciesSchema,
  changed: listField<string>('changed fields', textField('a field')),
});
