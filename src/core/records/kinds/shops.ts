import { dayField, listField } from '../../kernel';
import { type ShopItem, shopItemSchema, speciesFaultsOf } from '../../model';
import { defineRecord } from '../define';

/** Shop stock that the keeper has read in from a file, beside the simulated shops. */
export const shopsRecord = defineRecord(
  'shops',
  { readOn: dayField(), items: listField<ShopItem>(shopItemSchema) },
  {
    sense: ({ items }, { catalogue }) =>
      items.flatMap(({ species }, i) => speciesFaultsOf(species, `items[${i}].species`, catalogue)),
  },
);
