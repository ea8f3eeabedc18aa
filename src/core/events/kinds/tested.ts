import { choiceField, numberField, quantityField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { afterTest } from '../filterLife';
import { lifeOf, withTank } from '../roomChanges';
import { MEASURED_BY } from '../vocabulary';

/** A water test. What was not measured is left out. */
export const tested = defineEvent(
  'tested',
  'a water test',
  {
    tank: tank(),
    temperatureC: quantityField('°C', 'a temperature', 0, 45).optional(),
    ph: numberField('a pH', 3, 11).optional(),
    /** Ammonia and ammonium together, as kits read them, mg/L. */
    ammoniaMgL: quantityField('mg/L', 'ammonia', 0, 50).optional(),
    nitriteMgL: quantityField('mg/L', 'nitrite', 0, 50).optional(),
    nitrateMgL: quantityField('mg/L', 'nitrate', 0, 500).optional(),
    ghDh: quantityField('°dH', 'hardness', 0, 60).optional(),
    khDh: quantityField('°dH', 'carbonate hardness', 0, 60).optional(),
    tdsPpm: numberField('dissolved matter in ppm', 0, 5000).optional(),
    by: choiceField('what measured', MEASURED_BY).optional(),
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
