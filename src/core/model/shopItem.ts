import type { InferType } from 'yup';
import { choiceField, groupField, numberField, quantityField, textField, wholeField } from '../kernel';

export const SOLD_AS = ['single', 'pair'] as const;

export const shopItemSchema = groupField('an item of a shop', {
  shop: textField('the shop'),
  species: textField('a species'),
  /** Price of one animal, or of a pair where only pairs are sold. */
  price: numberField('a price', 0, 1e6),
  /** Animals there, or pairs. */
  stock: wholeField('how many there are', 0, 100_000),
  lengthCm: quantityField('cm', 'a length', 0.1, 400),
  soldAs: choiceField('how it is sold', SOLD_AS),
  /** Days that they have been in the shop. */
  days: wholeField('days in the shop', 0, 3650),
});
/** What a shop has of a species. */
export type ShopItem = InferType<typeof shopItemSchema>;
