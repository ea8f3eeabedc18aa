import type { InferType } from 'yup';
import { groupField, listField, numberField, textField, wholeField, yesNoField } from '../kernel';

export const wishSchema = groupField({
  species: textField(),
  weight: numberField(1, 5).optional(),
  mustHave: yesNoField().optional(),
  counts: listField<number>(wholeField(1, 10_000)).optional(),
});
/** A species wished for, with how much it is wished for and at which numbers. */
export type Wish = InferType<typeof wishSchema>;
