import { doubleMetaphone } from 'double-metaphone';
import {
  type Catalogue,
  commonName,
  foldName,
  joinedWords,
  nameWords,
  speciesOf,
  type SpeciesProfile,
} from '../model';
import { groupsOf } from './trade';

/** One name of a species, made ready to be compared. */
export interface IndexedName {
  readonly words: readonly string[];
  /** All words as one. */
  readonly joined: string;
  /** The name as it is written, folded, without spaces. */
  readonly written: string;
  /** The name that keepers call it by first. */
  readonly first: boolean;
}

export interface IndexedSpecies {
  readonly profile: SpeciesProfile;
  readonly names: readonly IndexedName[];
  /** All words of all names, and of the groups it belongs to. */
  readonly words: ReadonlySet<string>;
  readonly groups: ReadonlySet<string>;
  /** Ends of its scientific names without what gender and case change: "aene" of "aeneus". */
  readonly epithets: ReadonlySet<string>;
  /** The same ends, each behind its genus. */
  readonly binomials: readonly string[];
}

export interface IndexedWord {
  readonly word: string;
  readonly sounds: readonly string[];
}

export interface NameIndex {
  readonly species: readonly IndexedSpecies[];
  /** Every word of every name. */
  readonly words: readonly IndexedWord[];
  readonly known: ReadonlySet<string>;
  /** Families in which a genus stands or stood. */
  readonly families: ReadonlyMap<string, ReadonlySet<string>>;
  /** Words that several species end with, and words of groups, that no common name begins with: alone they name no species. */
  readonly heads: ReadonlySet<string>;
  /** First words of common names. */
  readonly starts: ReadonlySet<string>;
}

/** An end of a scientific name without its ending, which gender and case change: "aeneum", "aeneus"; "leeri", "leerii". */
export const stemOf = (word: string): string =>
  word.replace(/(?:orum|arum|us|um|ae|ii|is|a|e|i)$/, '').replace(/i$/, '');

/** How a word sounds, two ways. */
export const soundsOf = (word: string): readonly string[] =>
  doubleMetaphone(word).filter((code) => code !== '');

const MADE = new WeakMap<Catalogue, NameIndex>();

function indexed(profile: SpeciesProfile): IndexedSpecies {
  const scientific = [profile.scientificName, ...profile.formerNames];
  const first = commonName(profile);
  const names = [...profile.commonNames, ...scientific, profile.id].map((name) => {
    const words = nameWords(name);
    return {
      words,
      joined: joinedWords(words),
      written: foldName(name).replace(/ /g, ''),
      first: name === first,
    };
  });
  const groups = new Set(groupsOf(profile));
  // What stands behind the name of a form, or behind "sp.", is no end of a scientific name.
  const ends = profile.formOf === null ? scientific.filter((name) => !/ sp\b/.test(name)) : [];
  const binomials = ends.flatMap((name) =>
    foldName(name)
      .split(' ')
      .slice(1)
      .map((end) => `${nameWords(name)[0]} ${stemOf(end)}`),
  );
  return {
    profile,
    names,
    groups,
    words: new Set([...names.flatMap(({ words }) => words), ...groups]),
    epithets: new Set(binomials.map((name) => name.slice(name.indexOf(' ') + 1))),
    binomials,
  };
}

/** The names of a catalogue, made ready once. */
export function nameIndex(catalogue: Catalogue): NameIndex {
  const before = MADE.get(catalogue);
  if (before) return before;
  const species = catalogue.all.map(indexed);
  const families = new Map<string, Set<string>>();
  const ends = new Map<string, Set<string>>();
  for (const { profile, names, groups } of species) {
    for (const name of [profile.scientificName, ...profile.formerNames]) {
      const [genus] = nameWords(name);
      if (genus) families.set(genus, (families.get(genus) ?? new Set()).add(profile.family));
    }
    const heads = [...names.flatMap(({ words }) => words.slice(-1)), ...groups];
    for (const head of heads) ends.set(head, (ends.get(head) ?? new Set()).add(speciesOf(profile)));
  }
  const starts = new Set(
    catalogue.all.flatMap(({ commonNames }) => commonNames.flatMap((name) => nameWords(name).slice(0, 1))),
  );
  const known = new Set(species.flatMap(({ words }) => [...words]));
  const index = {
    species,
    starts,
    families,
    known,
    words: [...known].map((word) => ({ word, sounds: soundsOf(word) })),
    heads: new Set(
      [...ends].filter(([head, ids]) => ids.size > 1 && !starts.has(head)).map(([head]) => head),
    ),
  };
  MADE.set(catalogue, index);
  return index;
}
