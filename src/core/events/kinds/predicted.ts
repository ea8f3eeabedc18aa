import type { InferType } from 'yup';
import { choiceField, groupField, listField, monthField, says, textField } from '../../kernel';
import { defineEvent, species, tank } from '../define';
import { PREDICTED_SEVERITIES } from '../vocabulary';

const warning = groupField({
  rule: textField(),
  severity: choiceField(PREDICTED_SEVERITIES),
  /** The one that causes it first; none where it is about the tank. */
  species: listField<string>(species(), { most: 50 }),
  /** Month from which it was said to be true; null where it was so at once. */
  from: monthField().nullable().optional().default(null),
  /** Last month in which it counts. */
  until: monthField().required(says({ is: 'month' })),
});
type Warning = InferType<typeof warning>;

/** What the rules warned of when fish came to live in a tank, word for word, so that it can be held against what then happened. */
export const predicted = defineEvent(
  'predicted',
  { tank: tank(), warnings: listField<Warning>(warning, { least: 1, most: 200 }) },
  { residents: () => [], correctable: [], apply: (room) => room },
);
