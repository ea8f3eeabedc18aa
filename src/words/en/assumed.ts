import type { Assumed } from '@/core/assess';
import { keptUnit, type KeptUnit, type QuantityKind, toCore } from '@/core/kernel';
import { capital } from './names';
import { percent } from './quantities';
import { termOf } from './vocabulary';
import type { Words } from './words';
import { plain } from './locale';

/** What a part of a plan is called, with the unit that it is kept in or the way it is written. */
const PARTS: Readonly<Record<string, readonly [string, (KeptUnit | 'share')?]>> = {
  inside: ['Measures'],
  glassMm: ['Glass', 'mm'],
  substrate: ['Substrate'],
  waterLineCm: ['Water line', 'cm'],
  substrateCm: ['Substrate depth', 'cm'],
  hardscapeFraction: ['Rock and wood', 'share'],
  filterLph: ['Filter flow', 'L/h'],
  lid: ['Top'],
  plants: ['Plants'],
  hides: ['Hiding places'],
  lightHours: ['Hours of light'],
  sightBreaks: ['Sight breaks'],
  temperatureC: ['Temperature', '°C'],
  ph: ['pH'],
  ghDh: ['GH', '°dH'],
  salinityPpt: ['Salinity', 'ppt'],
  nitrateTapMgL: ['Nitrate in tap water', 'mg/L'],
  changeFraction: ['Water changed', 'share'],
  everyDays: ['Days between water changes'],
  mealsPerDay: ['Meals a day'],
  tankSize: ['Tank size'],
  males: ['Males'],
  lengthCm: ['Length', 'cm'],
  origin: ['Origin'],
};

/** What nobody measures more finely than in whole steps, and no assumption knows. */
const ROUND: readonly QuantityKind[] = ['flow', 'temperature', 'hardness'];

/** Yes and no of a part. */
const SWITCHES: Readonly<Record<string, readonly [yes: string, no: string]>> = {
  lid: ['lid', 'open'],
  inside: ['inside', 'outside'],
};

function valueOf(part: string, value: NonNullable<Assumed['value']>, words: Words): string {
  const as = PARTS[part]?.[1];
  if (typeof value === 'boolean') return SWITCHES[part]?.[value ? 0 : 1] ?? (value ? 'yes' : 'no');
  if (typeof value === 'string') return termOf(value);
  if (as === 'share') return percent(value);
  // Glass is told in millimetres where lengths are metric.
  if (as === 'mm' && words.unit('length') === 'cm') return `${plain(value)} mm`;
  const kept = as === undefined ? undefined : keptUnit(as);
  if (!kept) return plain(value);
  const core = toCore(kept.kind, value, kept.id);
  return ROUND.includes(kept.kind) ? words.quantity(kept.kind, core) : words.fine(kept.kind, core);
}

/** What was assumed, as a line: "Glass: 10 mm", "Neon tetras, length: 3.5 cm, grown". */
export function sayAssumed({ path, value, how, species }: Assumed, words: Words): string {
  const part = path.split('.').at(-1) ?? path;
  const name = PARTS[part]?.[0] ?? part;
  const who =
    species === undefined
      ? name
      : `${capital(words.many(species))}, ${name === 'pH' ? name : name.toLowerCase()}`;
  const from =
    how === 'grown' ? ', grown' : how === 'shared middle' ? ', the middle of what all species share' : '';
  return value === null ? `${who}: not said, not judged` : `${who}: ${valueOf(part, value, words)}${from}`;
}

/** An assumption as files tell it. */
export function assumedInFile({ path, value, how }: Assumed): string {
  if (value === null) return `${path}: not given, not judged`;
  const from =
    how === 'grown' ? ', grown' : how === 'shared middle' ? ', the middle of what all species share' : '';
  return `${path}: ${value}${from}`;
}
