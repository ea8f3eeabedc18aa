import type { Fix } from '@/core/rules';
import type { Words } from './words';

/** What one press of a fix will do; what only the keeper can do is said as it stands. */
export function sayFix({ text, edit }: Fix, words: Words): string {
  switch (edit?.kind) {
    case 'set-temperature':
      return `Set the heater to ${words.quantity('temperature', edit.temperatureC)}.`;
    case 'set-count':
      return `Keep ${words.counted(edit.species, edit.count)}.`;
    case 'set-sexes':
      return `Keep ${edit.males} male and ${edit.females} female ${words.many(edit.species)}.`;
    case 'leave-out':
      return `Leave out ${words.own(edit.species, edit.count ?? 2)}.`;
    case 'set-lid':
      return edit.lid ? 'Add a lid.' : 'Take the lid off.';
    case 'set-substrate':
      return `Change to ${edit.substrate}.`;
    case 'set-light':
      return `Light ${edit.hours} hours a day.`;
    case 'set-routine':
      return `Change ${Math.round(edit.changeFraction * 100)}% every ${edit.everyDays} days.`;
    case undefined:
      return text;
  }
}
