import { string } from 'yup';
import { idField, momentField, noteField, refersTo, type ResidentId } from '../../kernel';
import { defineRecord } from '../define';

/** A picture is made small before it is kept: so many characters at the most. */
const LARGEST_PICTURE = 600_000;

/** A picture of a fish, made small before it is kept. */
export const photoRecord = defineRecord('photo', 'a picture', {
  resident: refersTo('resident', idField<ResidentId>('whose')),
  on: momentField('when it was taken'),
  /** A JPEG as a data address. */
  data: string()
    .typeError('a picture as a data address')
    .required('a picture')
    .max(LARGEST_PICTURE, 'a picture of at most 600,000 characters')
    .matches(/^data:image\/(jpeg|png|webp);base64,/, 'a picture as a data address'),
  note: noteField('a note'),
});
