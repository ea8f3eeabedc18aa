import { listField, numberField, positiveField, yesNoField } from '../../kernel';
import { speciesFaultsOf, type Wish, wishSchema } from '../../model';
import { defineRecord, tank } from '../define';

/** A wish with what it costs, in the keeper's money. */
const keptWishSchema = wishSchema.shape({ price: numberField(0, 1e6).optional() });
export type KeptWish = Wish & { readonly price?: number | undefined };

/** Species wished for in a tank. */
export const wishesRecord = defineRecord(
  'wishes',
  {
    tank: tank(),
    wishes: listField<KeptWish>(keptWishSchema),
    /** Whether pairs in doubt are left out. */
    calm: yesNoField().optional(),
    nitrateBudget: positiveField(1000).optional(),
    /** What each problem takes off the value of a line-up. */
    trouble: numberField(0, 10).optional(),
  },
  {
    itemKeys: { wishes: 'species' },
    sense: ({ wishes }, { catalogue }) =>
      wishes.flatMap(({ species }, i) => speciesFaultsOf(species, `wishes[${i}].species`, catalogue)),
  },
);
