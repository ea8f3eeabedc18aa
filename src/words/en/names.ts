import { upTo } from './locale';
import { type Catalogue, commonName, foldName, type SpeciesProfile } from '@/core/model';

/** Names that stay as they are for many: those of peoples and places, and what English does not count. */
const UNCHANGED =
  /(fish|shrimp|discus|mbuna|koi|panchax|maingano|demasoni|saulosi|leleupi|acei|auratus|calvus|borleyi|nyererei|multifasciatus|rhoadesii|brichardi|similis|ocellatus|kenyi|johanni|livingstoni|duboisi|ellioti)$/;
/** Plurals that no rule makes. */
const IRREGULAR: Readonly<Record<string, string>> = { platy: 'platies', oto: 'otos' };

/** What was asked for already: a list asks for the same few names at each press. */
const PLURALS = new Map<string, string>();

/** A name for many: "oscars", "corys", "mollies", "angelfish". */
export function pluralOf(name: string): string {
  const plural = PLURALS.get(name) ?? makePlural(name);
  PLURALS.set(name, plural);
  return plural;
}

function makePlural(name: string): string {
  const last = name.split(' ').at(-1) ?? name;
  const irregular = IRREGULAR[last.toLowerCase()];
  if (irregular !== undefined) return name.slice(0, name.length - last.length) + irregular;
  if (UNCHANGED.test(foldName(name))) return name;
  if (/cory$/i.test(name)) return `${name}s`;
  if (/(s|x|sh|ch)$/.test(name)) return name.endsWith('s') ? name : `${name}es`;
  if (/[^aeiou]y$/.test(name)) return `${name.slice(0, -1)}ies`;
  return `${name}s`;
}

export interface SpeciesNames {
  /** "angelfish" */
  readonly one: (species: string) => string;
  /** "neon tetras" */
  readonly many: (species: string) => string;
  /** "the betta", or "neon tetras" where there are several. */
  readonly those: (species: string, count: number) => string;
  /** The keeper's own: "the oscar", "the oscars". */
  readonly own: (species: string, count: number) => string;
  /** "1 betta", "8 neon tetras" */
  readonly counted: (species: string, count: number) => string;
}

export function speciesNames(catalogue: Pick<Catalogue, 'byId'>): SpeciesNames {
  const one = (species: string): string => {
    const profile = catalogue.byId.get(species);
    return profile ? commonName(profile) : species;
  };
  const many = (species: string): string => pluralOf(one(species));
  return {
    one,
    many,
    those: (species, count) => (count === 1 ? `the ${one(species)}` : many(species)),
    own: (species, count) => `the ${count === 1 ? one(species) : many(species)}`,
    counted: (species, count) => `${count} ${count === 1 ? one(species) : many(species)}`,
  };
}

/** The common name of a species for many. */
export const manyOf = (profile: SpeciesProfile): string => pluralOf(commonName(profile));

/** "1 betta", "8 neon tetras" */
export const countedOf = (count: number, profile: SpeciesProfile): string =>
  `${count} ${count === 1 ? commonName(profile) : manyOf(profile)}`;

/** All of them: "a, b and c", "a, b or c". */
export const everyOf = (names: readonly string[], last: 'and' | 'or' = 'and'): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} ${last} ${names.at(-1)}`;

/** The same words at the start of a sentence; "pH" stays as it is. */
export const capital = (words: string): string =>
  words.startsWith('pH') ? words : `${words[0]?.toUpperCase() ?? ''}${words.slice(1)}`;

/** "is" and "are", "needs" and "need" by how many there are. */
export const verb = (count: number, one: string, several: string): string => (count === 1 ? one : several);

/** "1 cave", "2 caves" */
export const countOf = (count: number, one: string, several = `${one}s`): string =>
  `${upTo(count, 1)} ${verb(count, one, several)}`;

/** So many are named in a sentence; more are counted. */
const NAMED = 4;

/** "A and B"; "A, B and C"; from five on "A, B and 3 others". */
export function listed(names: readonly string[]): string {
  const shown = names.length > NAMED ? [...names.slice(0, 2), `${names.length - 2} others`] : names;
  return everyOf(shown);
}

/** Both sides of what keepers disagree about, in one shape. */
export const bothSides = (exitPlan: boolean): string =>
  `Some avoid it; others try it with an exit plan${exitPlan ? '. You have one' : ''}.`;
