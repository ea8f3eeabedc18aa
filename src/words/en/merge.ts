import { reach, type Schema } from 'yup';
import { type KeptUnit, keptUnit, toCore } from '@/core/kernel';
import type { Contradiction, PartThatDiffers } from '@/core/merge';
import { bodySchemaOf, type DocumentKind } from '@/core/records';
import { eventName } from './eventName';
import { documentName, partLabel } from './entryLabels';
import { faultSentence } from './faults';
import { dayName, plain } from './locale';
import { capital, countOf } from './names';
import { percent, type Quantities } from './quantities';
import { termOf } from './vocabulary';

interface Meta {
  readonly unit?: KeptUnit;
  readonly form?: 'day' | 'moment' | 'share';
}

/** What a field of a document is, by its path; nothing where the path leads to none. */
function metaAt(kind: DocumentKind, path: string): Meta {
  try {
    const field = reach(bodySchemaOf(kind), path.replace(/\[[^\]]*\]/g, '[0]')) as Schema;
    return (field.describe() as { readonly meta?: Meta }).meta ?? {};
  } catch {
    return {};
  }
}

function valueWords(value: unknown, { unit, form }: Meta, words: Pick<Quantities, 'reading'>): string {
  switch (typeof value) {
    case 'number': {
      const kept = unit && keptUnit(unit);
      if (kept) return words.reading(kept.kind, toCore(kept.kind, value, kept.id));
      return form === 'share' ? percent(value) : plain(value);
    }
    case 'string':
      if (value === '') return 'nothing';
      return form === 'day' || form === 'moment' ? dayName(value) : `“${termOf(value)}”`;
    case 'boolean':
      return value ? 'yes' : 'no';
    default:
      if (value === undefined || value === null) return 'nothing';
      return Array.isArray(value) && value.length > 0 ? countOf(value.length, 'item') : 'an entry';
  }
}

/** "Tank Skerry, Length: 120 cm here, 122 cm in the file; the file was later." */
export function sayPartThatDiffers(
  { kind, name, path, mine, theirs, stands }: PartThatDiffers,
  words: Pick<Quantities, 'reading'>,
): string {
  const meta = metaAt(kind, path);
  const whose = name === '' ? capital(documentName(kind).replace(/^an? /, '')) : `${capital(kind)} ${name}`;
  const part = path === '' ? '' : `, ${partLabel(path) ?? path}`;
  const later = stands === 'mine' ? 'this room' : 'the file';
  return `${whose}${part}: ${valueWords(mine, meta, words)} here, ${valueWords(theirs, meta, words)} in the file; ${later} was later.`;
}

/** "Fish died, 4 Mar: the number must be at most 0." */
export function sayContradiction(
  { what, raw, why }: Contradiction,
  words: Pick<Quantities, 'reading'>,
): string {
  const named =
    what === 'entry' && 'on' in raw
      ? `${capital(raw.type === 'corrected' ? 'a correction' : eventName(raw.type))}, ${dayName(raw.on)}`
      : capital(documentName('kind' in raw ? raw.kind : ''));
  return why[0] ? `${named}: ${faultSentence(why[0], words)}` : `${named}.`;
}
