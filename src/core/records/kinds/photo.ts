import { string } from 'yup';
import { idField, momentField, noteField, refersTo, type ResidentId, says } from '../../kernel';
import { defineRecord } from '../define';

/** A picture is made small before it is kept: so many characters at the most. */
const LARGEST_PICTURE = 600_000;
const PICTURE = says({ is: 'picture', most: LARGEST_PICTURE });

/** A picture of a fish, made small before it is kept. */
export const photoRecord = defineRecord('photo', {
  resident: refersTo('resident', idField<ResidentId>()),
  on: momentField(),
  /** A JPEG as a data address. */
  data: string()
    .typeError(PICTURE)
    .required(PICTURE)
    .max(LARGEST_PICTURE, PICTURE)
    .matches(/^data:image\/(jpeg|png|webp);base64,/, { message: PICTURE }),
  note: noteField(),
});
