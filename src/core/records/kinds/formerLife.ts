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
  story: listField<{ on: string; text: string }>(
    'what happened',
    groupField('a line', { on: momentField('when'), text: textField('what') }),
  ),
  lengths: listField<{ on: string; lengthCm: Cm }>(
    'lengths',
    groupField('a length', {
      on: momentField('when'),
      lengthCm: positiveQuantityField('cm', 'a length', 400),
    }),
  ),
});

/** What a former keeper wrote of a fish, as it came with its file. */
export const formerLifeRecord = defineRecord('former-life', 'a life before', {
  resident: refersTo('resident', idField<ResidentId>('whose')),
  keeper: noteField('the former keeper'),
  ...storyFields(),
});
