import { choiceField, numberField, textField, wordsField } from '../../kernel';
import {
  planPracticeSchema,
  planRoutineSchema,
  planTankSchema,
  planWaterSchema,
  tankFaultsOf,
} from '../../model';
import { defineRecord } from '../define';

export const TANK_PURPOSES = ['display', 'grow-out', 'quarantine', 'hospital'] as const;

/** What every tank is called by. */
export const tankFields = {
  name: textField('a name'),
  purpose: choiceField('what it is for', TANK_PURPOSES),
};

/** A tank of the rack: its measures, its water, its routine and the keeper's practice. */
export const tankRecord = defineRecord(
  'tank',
  'a tank',
  {
    ...tankFields,
    order: numberField('its place in the rack', -1e6, 1e6),
    tank: planTankSchema,
    water: planWaterSchema,
    routine: planRoutineSchema,
    practice: planPracticeSchema,
    /** Words a keeper typed for a measure, by the name of the field, so that they come back as typed. */
    entered: wordsField('measures as typed').optional(),
  },
  {
    upcasts: [
      {
        from: 1,
        name: 'measures as typed are short texts; anything else that stood there is left out',
        up: ({ entered, ...body }) => ({
          ...body,
          ...(entered !== null && typeof entered === 'object' ? { entered: shortTexts(entered) } : {}),
        }),
      },
    ],
    sense: ({ tank }) => tankFaultsOf(tank),
  },
);

const LONGEST_TYPED = 200;
const shortTexts = (typed: object): Record<string, string> =>
  Object.fromEntries(
    Object.entries(typed).filter(
      (pair): pair is [string, string] => typeof pair[1] === 'string' && pair[1].length <= LONGEST_TYPED,
    ),
  );
