import { choiceField, noteField } from '../../kernel';
import { defineRecord } from '../define';

/** Units and name of the keeper. */
export const settingsRecord = defineRecord('settings', {
  length: choiceField(['cm', 'in'] as const),
  volume: choiceField(['L', 'gal', 'impgal'] as const),
  temperature: choiceField(['C', 'F'] as const),
  hardness: choiceField(['dH', 'ppmCaCO3'] as const),
  keeper: noteField(),
});
