import { choiceField, listField, shareField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { withTank } from '../roomChanges';
import { CHANGE_CHECKS, type ChangeCheck } from '../vocabulary';

/** Some of the water was changed. */
export const waterChanged = defineEvent(
  'water-changed',
  {
    tank: tank(),
    /** Share of the water changed. */
    fraction: shareField(0.01),
    /** What was ticked: forgetting one of these kills fish. */
    checked: listField<ChangeCheck>(choiceField(CHANGE_CHECKS)),
    note: note(),
  },
  {
    residents: () => [],
    correctable: ['fraction', 'note'],
    apply: (room, event) => withTank(room, event.tank, { lastChange: event.on }),
  },
);
