import { listField, numberField, positiveField, yesNoField } from '../../kernel';
import { speciesFaultsOf, type Wish, wishSchema } from '../../model';
import { defineRecord, tank } from '../define';

/** A wish with what it costs, in the keeper's money. */
const keptWishSchema = wishSchema.shape({ price: numberField('a price of one', 0, 1e6).optional() });
export type KeptWish = Wish & { readonly price?: number | undefined };

/** Kinds wished for in a tank. */
export const wishesRecord = defineRecord(
  'wishes',
  'a wish list',
  {
    tank: tank(),
    wishes: listField<KeptWish>('wishes', keptWishSchema),
    calm: yesNoField('whether pairs in doubt are left out').optional(),
    nitrateBudget: positiveField('nitrate in mg/L a week', 1000).optional(),
  },
  {
    itemKeys: { wishes: 'species' },
    sense: ({ wishes }, { catalogue }) =>
      wishes.flatMap(({ species }, i) => speciesFaultsOf(species, `wishes[${i}].species`, catalogue)),
  },
);
