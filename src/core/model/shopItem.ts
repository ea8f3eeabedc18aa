import type { InferType } from 'yup';
import { choiceField, groupField, numberField, quantityField, textField, wholeField } from '../kernel';

export const SOLD_AS = ['single', 'pair'] as const;

export const shopItemSchema = groupField({
  shop: textField(),
  species: textField(),
  /** Price of one animal, or of a pair where only pairs are sold. */
  price: numberField(0, 1e6),
  /** Animals there, or pairs. */
  stock: wholeField(0, 100_000),
  lengthCm: quantityField('cm', 0.1, 400),
  soldAs: choiceField(SOLD_AS),
  /** Days that they have been in the shop. */
  days: wholeField(0, 3650),
});
/** What a shop has of a species. */
export type ShopItem = InferType<typeof shopItemSchema>;
