import { choiceField, noteField } from '../../kernel';
import { defineRecord } from '../define';

/** Units and name of the keeper. */
export const settingsRecord = defineRecord('settings', 'settings', {
  length: choiceField('lengths in', ['cm', 'in'] as const),
  volume: choiceField('volumes in', ['L', 'gal', 'impgal'] as const),
  temperature: choiceField('temperatures in', ['C', 'F'] as const),
  hardness: choiceField('hardness in', ['dH', 'ppmCaCO3'] as const),
  keeper: noteField('the keeper'),
});
