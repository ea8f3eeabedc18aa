import type { InferType } from 'yup';
import { groupField, listField, noteField, numberField, textField, under, wholeField } from '../../kernel';
import { groupFaultsOf, planGroupSchema } from '../../model';
import { defineRecord, tank } from '../define';

const draftGroupSchema = groupField('a listed group', {
  key: textField('a key'),
  group: planGroupSchema,
  /** Price of one, in the keeper's money; how many to buy when more are bought than stay. */
  price: numberField('a price', 0, 1e6).optional(),
  buy: wholeField('how many to buy', 1, 10_000).optional(),
});
export type DraftGroup = InferType<typeof draftGroupSchema>;

/** A stock list of a tank. */
export const draftRecord = defineRecord(
  'draft',
  'a stock list',
  {
    tank: tank(),
    name: textField('a name'),
    note: noteField('a note').optional(),
    groups: listField<DraftGroup>('groups', draftGroupSchema),
  },
  {
    itemKeys: { groups: 'key' },
    sense: ({ groups }, { catalogue }) =>
      groups.flatMap(({ group }, i) => under(`groups[${i}]`, groupFaultsOf(group, 'group', catalogue))),
  },
);
