import { commonName, foldName, type SpeciesProfile } from '../model';

/** "the angelfish" */
export const the = (profile: SpeciesProfile): string => `the ${commonName(profile)}`;

/** "The angelfish" */
export const The = (profile: SpeciesProfile): string => `The ${commonName(profile)}`;

/** "6 angelfish", "1 betta", "3 neon tetras" */
export function countOf(count: number, profile: SpeciesProfile): string {
  return `${count} ${count === 1 ? commonName(profile) : plural(commonName(profile))}`;
}

const UNCHANGED = /(fish|shrimp|acei|leleupi|demasoni|saulosi|borleyi|nyererei)$/;

/** Keepers' plurals: fish and shrimp stay as they are. */
export function plural(name: string): string {
  const known = PLURALS.get(name);
  if (known !== undefined) return known;
  const made = makePlural(name);
  PLURALS.set(name, made);
  return made;
}

/** Names are few and asked for again and again. */
const PLURALS = new Map<string, string>();

function makePlural(name: string): string {
  if (UNCHANGED.test(foldName(name))) return name;
  if (/cory$/.test(name)) return `${name}s`;
  if (/(s|x|sh|ch)$/.test(name)) return name.endsWith('s') ? name : `${name}es`;
  if (/[^aeiou]y$/.test(name)) return `${name.slice(0, -1)}ies`;
  return `${name}s`;
}

/** A figure for a sentence: at most one decimal. */
export const figure = (value: number): string => String(Math.round(value * 10) / 10);

/** "24 to 28 °C" */
export const span = (range: readonly [number, number], unit: string): string =>
  `${figure(range[0])} to ${figure(range[1])}${unit === '' ? '' : ` ${unit}`}`;

/** "a, b and c" */
export function list(words: readonly string[], last: 'and' | 'or' = 'and'): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} ${last} ${words[words.length - 1]}`;
}

/** So many kinds are named in a sentence; more are counted. */
const NAMED = 6;

/** "a, b, c, d, e and 7 more": a sentence is read to its end only while it names a few. */
export function listSome<T>(all: readonly T[], word: (one: T) => string): string {
  if (all.length <= NAMED) return list(all.map(word));
  const shown = all.slice(0, NAMED - 1).map(word);
  return list([...shown, `${all.length - shown.length} more`]);
}

/** The same words at the start of a sentence. */
export const capital = (words: string): string => `${words[0]?.toUpperCase() ?? ''}${words.slice(1)}`;
