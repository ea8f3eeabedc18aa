import type { InferType } from 'yup';
import { groupField, listField, numberField, textField, wholeField, yesNoField } from '../kernel';

export const wishSchema = groupField('a wish', {
  species: textField('a species name or identifier'),
  weight: numberField('a weight', 1, 5).optional(),
  mustHave: yesNoField('whether it must be there').optional(),
  counts: listField<number>('counts to consider', wholeField('a count', 1, 10_000)).optional(),
});
/** A species wished for, with how much it is wished for and at which numbers. */
export type Wish = InferType<typeof wishSchema>;
