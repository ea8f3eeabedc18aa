import { choiceField, numberField } from '../../kernel/schema/fields';
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
    temperatureC: numberField('a temperature from 0 to 45 °C', 0, 45).optional(),
    ph: numberField('a pH from 3 to 11', 3, 11).optional(),
    /** Ammonia and ammonium together, as kits read them, mg/L. */
    ammoniaMgL: numberField('ammonia from 0 to 50 mg/L', 0, 50).optional(),
    nitriteMgL: numberField('nitrite from 0 to 50 mg/L', 0, 50).optional(),
    nitrateMgL: numberField('nitrate from 0 to 500 mg/L', 0, 500).optional(),
    ghDh: numberField('hardness from 0 to 60 °dH', 0, 60).optional(),
    khDh: numberField('carbonate hardness from 0 to 60 °dH', 0, 60).optional(),
    tdsPpm: numberField('dissolved matter from 0 to 5000 ppm', 0, 5000).optional(),
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
