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
import type { Words } from './words';

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

/** The label of a form within a sentence; "GH" and "pH" stay as they are. */
const within = (label: string): string =>
  /^[A-Z][a-z]/.test(label) ? `${label[0]!.toLowerCase()}${label.slice(1)}` : label;

/** The document, as a keeper calls it: "Tank Skerry", "Stock list of Skerry", "The settings". */
function whoseWords({ kind, name, tank }: Pick<PartThatDiffers, 'kind' | 'name' | 'tank'>): string {
  const sort = capital(documentName(kind).replace(/^an? /, ''));
  if (kind === 'tank') return name === '' ? sort : `${sort} ${name}`;
  const whose = name === '' ? sort : name;
  return tank === '' ? whose : `${whose} of ${tank}`;
}

/**
 * "Tank Skerry, length: 120 cm here, 122 cm in the file; the file was later." "Stock list of Skerry, cherry barb, number: 8 here, 6 in the
 * file; this room was later."
 */
export function sayPartThatDiffers(
  { kind, name, tank, species, path, mine, theirs, stands }: PartThatDiffers,
  words: Pick<Words, 'reading' | 'one'>,
): string {
  const meta = metaAt(kind, path);
  // One of a list that is there as a whole, or is not.
  const isItem = path.endsWith(']');
  const label = partLabel(path);
  const part =
    isItem && species !== '' ? '' : label === undefined ? path.replace(/\[.*$/, '') : within(label);
  const about = [whoseWords({ kind, name, tank }), species === '' ? '' : words.one(species), part];
  const value = (of: unknown): string =>
    isItem ? (of === undefined ? 'not listed' : 'listed') : valueWords(of, meta, words);
  const later = stands === 'mine' ? 'this room' : 'the file';
  return `${about.filter((one) => one !== '').join(', ')}: ${value(mine)} here, ${value(theirs)} in the file; ${later} was later.`;
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
