import { quickCheck } from '../kernel/schema/quickCheck';
import { isEventType, schemaOf, type Entry } from './events';

/**
 * Why an entry cannot be read; null when it can. A quick look for records that a fault of the disk or a stray program has
 * damaged: what comes in by a file or a form is checked in full, with reasons, before it is written.
 */
export function unreadable(entry: Entry): string | null {
  if (
    entry === null ||
    typeof entry !== 'object' ||
    typeof entry.id !== 'string' ||
    typeof entry.on !== 'string'
  )
    return `${String((entry as Partial<Entry> | null)?.id)}: an entry without a name or a day`;
  const said = entry.type === 'corrected' ? entry.replacement : entry;
  if (said === null) return null;
  if (typeof said !== 'object') return `${entry.id}: a damaged correction`;
  if (!isEventType(said.type)) return `${entry.id}: a kind of entry that this Lomvik does not know`;
  if (typeof said.on !== 'string') return `${entry.id}: a correction without a day`;
  const check = quickCheck(schemaOf(said.type));
  return check === null || check(said) ? null : `${entry.id}: a damaged entry of kind ${said.type}`;
}
