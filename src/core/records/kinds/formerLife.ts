import {
  type Cm,
  groupField,
  idField,
  listField,
  momentField,
  noteField,
  positiveQuantityField,
  refersTo,
  type ResidentId,
  textField,
} from '../../kernel';
import { defineRecord } from '../define';

/** What a keeper wrote of a fish: lines and lengths, each with its moment. */
export const storyFields = () => ({
  story: listField<{ on: string; text: string }>(groupField({ on: momentField(), text: textField() })),
  lengths: listField<{ on: string; lengthCm: Cm }>(
    groupField({
      on: momentField(),
      lengthCm: positiveQuantityField('cm', 400),
    }),
  ),
});

/** What a former keeper wrote of a fish, as it came with its file. */
export const formerLifeRecord = defineRecord('former-life', {
  resident: refersTo('resident', idField<ResidentId>()),
  keeper: noteField(),
  ...storyFields(),
});
