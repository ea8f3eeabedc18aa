import type { ObjectSchema } from 'yup';
import { listField, textField } from '../../kernel/schema/fields';
import { speciesSchema, type SpeciesProfile } from '../../model/species';
import { defineRecord } from '../define';

/** A species of the keeper's own, or the keeper's figures for a shipped one. */
export const speciesRecord = defineRecord('species', "a keeper's species", {
  profile: speciesSchema as unknown as ObjectSchema<SpeciesProfile>,
  changed: listField<string>('changed fields', textField('a field')),
});
