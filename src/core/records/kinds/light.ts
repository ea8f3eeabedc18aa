import { momentField, wholeField } from '../../kernel';
import { defineRecord, tank } from '../define';

/** What the light timer is told: dark from a moment, then raised slowly. */
export const lightRecord = defineRecord('light', {
  tank: tank(),
  /** Dark from. */
  offOn: momentField(),
  /** Raised from. */
  rampFrom: momentField(),
  /** Minutes to full light. */
  rampMinutes: wholeField(1, 2880),
});
