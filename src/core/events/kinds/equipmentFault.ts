import { choiceField } from '../../kernel';
import { defineEvent, note, tank } from '../define';
import { EQUIPMENT_FAULTS } from '../vocabulary';

/** A heater, filter or pump failed, or the power did. */
export const equipmentFault = defineEvent(
  'equipment-fault',
  { tank: tank(), what: choiceField(EQUIPMENT_FAULTS), note: note() },
  { residents: () => [], correctable: ['what', 'note'], apply: (room) => room },
);
