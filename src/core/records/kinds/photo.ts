import { string } from 'yup';
import { idField, momentField, noteField, refersTo, type ResidentId, says } from '../../kernel';
import { defineRecord } from '../define';

/** A picture is made small before it is kept: so many characters at the most. */
const LARGEST_PICTURE = 600_000;
/** A data address whose bytes begin as a picture of that type does, and nothing but base 64 after it. */
const TRUE_PICTURE =
  /^data:image\/(?:jpeg;base64,\/9j\/|png;base64,iVBORw0KGgo|webp;base64,UklGR)[A-Za-z0-9+/]*={0,2}$/;
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
    .matches(TRUE_PICTURE, { message: PICTURE }),
  note: noteField(),
});
