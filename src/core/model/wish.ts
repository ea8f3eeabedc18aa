import type { InferType } from 'yup';
import {
  choiceField,
  groupField,
  listField,
  numberField,
  textField,
  wholeField,
  yesNoField,
} from '../kernel';
import { ORIGINS } from './plan';

export const wishSchema = groupField({
  species: textField(),
  weight: numberField(1, 5).optional(),
  mustHave: yesNoField().optional(),
  counts: listField<number>(wholeField(1, 10_000)).optional(),
  /** As they would be bought. */
  males: wholeField(0, 10_000).optional(),
  females: wholeField(0, 10_000).optional(),
  origin: choiceField(ORIGINS).optional(),
});
/** A species wished for, with how much it is wished for, at which numbers, of which sexes, and from where. */
export type Wish = InferType<typeof wishSchema>;

/** Wishes of this weight are favourites. */
const FAVOURITE = 4;

/** Wishes that weigh most: the favourites, or the heaviest where none weighs so much. */
export function favouritesOf<W extends Pick<Wish, 'weight'>>(wishes: readonly W[]): readonly W[] {
  const heaviest = Math.max(0, ...wishes.map(({ weight = 1 }) => weight));
  return wishes.filter(({ weight = 1 }) => weight >= Math.min(FAVOURITE, heaviest));
}
