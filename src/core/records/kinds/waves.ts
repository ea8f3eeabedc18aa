import type { InferType } from 'yup';
import { choiceField, dayField, groupField, listField, textField, wholeField } from '../../kernel';
import { wrong } from '../../events';
import { defineRecord, tank } from '../define';

const waveSchema = groupField('a wave', {
  keys: listField<string>('species that are taken together', textField('a key')),
  lane: textField('a quarantine tank').nullable().optional().default(null),
  arrives: dayField('when it comes'),
  releases: dayField('when it is released'),
});

/** In which waves a list comes. */
export const wavesRecord = defineRecord(
  'waves',
  'a plan of waves',
  {
    tank: tank(),
    school: choiceField('the order of arrival', ['gentlest first', 'favourite first'] as const),
    quarantineDays: wholeField('days in quarantine', 0, 120),
    waves: listField<InferType<typeof waveSchema>>('waves', waveSchema),
  },
  {
    sense: ({ waves }) =>
      waves.flatMap(({ arrives, releases }, i) =>
        releases < arrives
          ? [wrong(`waves[${i}].releases`, `a day from ${arrives} on, when it comes`, releases)]
          : [],
      ),
  },
);
