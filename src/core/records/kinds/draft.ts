import type { InferType } from 'yup';
import { groupField, listField, noteField, numberField, textField, under, wholeField } from '../../kernel';
import { groupFaultsOf, planGroupSchema } from '../../model';
import { defineRecord, tank } from '../define';

const draftGroupSchema = groupField({
  key: textField(),
  group: planGroupSchema,
  /** Price of one, in the keeper's money; how many to buy when more are bought than stay. */
  price: numberField(0, 1e6).optional(),
  /** How many to buy. */
  buy: wholeField(1, 10_000).optional(),
  /** The shop or keeper it is to come from. */
  shop: noteField().optional(),
});
export type DraftGroup = InferType<typeof draftGroupSchema>;

/** A stock list of a tank. */
export const draftRecord = defineRecord(
  'draft',
  {
    tank: tank(),
    name: textField(),
    note: noteField().optional(),
    groups: listField<DraftGroup>(draftGroupSchema),
  },
  {
    itemKeys: { groups: 'key' },
    sense: ({ groups }, { catalogue }) =>
      groups.flatMap(({ group }, i) => under(`groups[${i}]`, groupFaultsOf(group, 'group', catalogue))),
  },
);
