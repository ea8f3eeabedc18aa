import type { IndexedSpecies, NameIndex } from './nameIndex';
import { stemOf } from './nameIndex';
import { DESCRIBING } from './trade';
import { SHORTEST_PART, type Wanted } from './wanted';

/** Its genus may be cut short to so many letters. */
const SHORT_GENUS = 3;

/** The genus, where it is written out, and the end without its ending, of what may be a scientific name; null where it is none. */
function binomialOf({ words, typed }: Wanted): { readonly genus: string; readonly stem: string } | null {
  const [, epithet, ...more] = typed;
  return epithet === undefined || more.length > 0
    ? null
    : { genus: words[0] as string, stem: stemOf(epithet) };
}

/** The scientific name of a species with another ending, or with its genus cut short: "Osteogaster aenea", "C. panda". */
export function epithetOff({ binomials }: IndexedSpecies, wanted: Wanted): number | null {
  const name = binomialOf(wanted);
  if (!name) return null;
  const { genus, stem } = name;
  const isShort = genus.length <= SHORT_GENUS;
  return binomials.some((own) =>
    isShort ? own.startsWith(genus) && own.endsWith(` ${stem}`) : own === `${genus} ${stem}`,
  )
    ? 0
    : null;
}

/** The end of a scientific name under another genus of its family, or under one that nobody knows. */
export function elsewhereOff(
  { families }: NameIndex,
  species: IndexedSpecies,
  wanted: Wanted,
): number | null {
  const name = binomialOf(wanted);
  if (!name || !species.epithets.has(name.stem)) return null;
  const { genus, stem } = name;
  const known = families.get(genus);
  if (known) return known.has(species.profile.family) ? 0 : null;
  // Under a genus that nobody knows, a short end says too little: "golden julie" is no "julii".
  const isTelling = stem.length >= SHORTEST_PART && !DESCRIBING.has(genus) && !species.words.has(genus);
  return isTelling ? 1 : null;
}
