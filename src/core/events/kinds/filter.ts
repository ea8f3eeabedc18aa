import { choiceField, quantityField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { afterStep } from '../filterLife';
import { lifeOf, withTank } from '../roomChanges';
import { FILTER_STEPS } from '../vocabulary';

/** Something done with a filter. */
export const filter = defineEvent(
  'filter',
  {
    tank: tank(),
    what: choiceField(FILTER_STEPS),
    /** Ammonia dosed to prove the filter, mg/L. */
    doseMgL: quantityField('mg/L', 0, 10).optional(),
    note: note(),
  },
  {
    residents: () => [],
    correctable: ['what', 'doseMgL', 'note'],
    apply: (room, event) =>
      withTank(room, event.tank, { filter: afterStep(lifeOf(room, event.tank).filter, event) }),
  },
);
