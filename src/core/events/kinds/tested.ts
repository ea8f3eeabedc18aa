import { choiceField, numberField, quantityField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { afterTest } from '../filterLife';
import { lifeOf, withTank } from '../roomChanges';
import { MEASURED_BY } from '../vocabulary';

/** A water test. What was not measured is left out. */
export const tested = defineEvent(
  'tested',
  {
    tank: tank(),
    temperatureC: quantityField('°C', 0, 45).optional(),
    ph: numberField(3, 11).optional(),
    /** Ammonia and ammonium together, as kits read them, mg/L. */
    ammoniaMgL: quantityField('mg/L', 0, 50).optional(),
    nitriteMgL: quantityField('mg/L', 0, 50).optional(),
    nitrateMgL: quantityField('mg/L', 0, 500).optional(),
    ghDh: quantityField('°dH', 0, 60).optional(),
    khDh: quantityField('°dH', 0, 60).optional(),
    tdsPpm: numberField(0, 5000).optional(),
    by: choiceField(MEASURED_BY).optional(),
    note: note(),
  },
  {
    residents: () => [],
    correctable: [
      'temperatureC',
      'ph',
      'ammoniaMgL',
      'nitriteMgL',
      'nitrateMgL',
      'ghDh',
      'khDh',
      'tdsPpm',
      'by',
      'note',
    ],
    apply: (room, event) =>
      withTank(room, event.tank, {
        lastTest: event.on,
        filter: afterTest(lifeOf(room, event.tank).filter, event),
      }),
  },
);
