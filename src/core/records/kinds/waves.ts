import type { InferType } from 'yup';
import { choiceField, dayField, faultOf, groupField, listField, textField, wholeField } from '../../kernel';
import { defineRecord, tank } from '../define';

const waveSchema = groupField({
  /** Groups that arrive together. */
  keys: listField<string>(textField()),
  /** The quarantine tank. */
  lane: textField().nullable().optional().default(null),
  arrives: dayField(),
  releases: dayField(),
});

/** In which waves a list comes. */
export const wavesRecord = defineRecord(
  'waves',
  {
    tank: tank(),
    /** The approach to the order of arrival. */
    school: choiceField(['gentlest first', 'favourite first'] as const),
    quarantineDays: wholeField(0, 120),
    waves: listField<InferType<typeof waveSchema>>(waveSchema),
  },
  {
    sense: ({ waves }) =>
      waves.flatMap(({ arrives, releases }, i) =>
        releases < arrives
          ? [faultOf(`waves[${i}].releases`, { is: 'arrived by', on: arrives }, releases)]
          : [],
      ),
  },
);
