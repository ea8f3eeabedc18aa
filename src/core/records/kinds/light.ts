import { momentField, wholeField } from '../../kernel';
import { defineRecord, tank } from '../define';

/** What the light timer is told: dark from a moment, then raised slowly. */
export const lightRecord = defineRecord('light', 'a light timer', {
  tank: tank(),
  offOn: momentField('dark from'),
  rampFrom: momentField('raised from'),
  rampMinutes: wholeField('minutes to full light', 1, 2880),
});
