import { listField, textField } from '../../kernel';
import { speciesSchema } from '../../model';
import { defineRecord } from '../define';

/** A species of the keeper's own, or the keeper's figures for a shipped one. */
export const speciesRecord = defineRecord('species', {
  profile: speciesSchema,
  /** Fields in which it differs from the shipped profile. */
  changed: listField<string>(textField()),
});
