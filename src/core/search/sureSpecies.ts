import { distance } from 'fastest-levenshtein';
import {
  type Catalogue,
  joinedWords,
  nameWords,
  NEAR_SHARE,
  speciesNamed,
  type SpeciesProfile,
} from '../model';
import { type Hit, mayBeAnother, searchSpecies } from './findSpecies';
import { nameIndex } from './nameIndex';

/** What a name means: one species for certain, one of several, or none, with the nearest there are. */
export type Meaning =
  | { readonly is: 'sure'; readonly profile: SpeciesProfile }
  | { readonly is: 'doubtful'; readonly choices: readonly SpeciesProfile[] }
  | { readonly is: 'unknown'; readonly nearest: readonly SpeciesProfile[] };

/** So many choices are offered for a doubtful name, and so many near ones for an unknown name. */
const CHOICES = 6;
const NEAREST = 3;
/** No species has a name of so many letters: how far a longer text is off is told by its length alone. */
const LONGEST_NAME = 120;

/**
 * The species nearest to a name that nothing answers: those whose names are in it, else those that share its last word or its
 * genus, else those written much alike. At most three, and none rather than nonsense. `hits` are those of the search, where they are
 * known.
 */
export function nearestSpecies(
  catalogue: Catalogue,
  typed: string,
  hits: readonly Hit[] = searchSpecies(catalogue, typed),
): readonly SpeciesProfile[] {
  if (hits.length > 0) return hits.slice(0, NEAREST).map(({ profile }) => profile);
  const words = nameWords(typed);
  const wanted = joinedWords(words);
  const { species } = nameIndex(catalogue);
  const ends = [words[words.length - 1], words[0]];
  const alike = species.map(({ profile, names, words: own }) => {
    const off = Math.min(
      ...names.map(({ joined }) =>
        wanted.length > LONGEST_NAME
          ? 1 - joined.length / wanted.length
          : distance(joined, wanted) / Math.max(joined.length, wanted.length, 1),
      ),
    );
    const shared = ends.findIndex((word) => own.has(word as string));
    return { profile, off, shared: shared < 0 ? ends.length : shared };
  });
  return alike
    .filter(({ off, shared }) => off <= NEAR_SHARE || shared < ends.length)
    .sort((a, b) => a.shared - b.shared || a.off - b.off || (a.profile.id < b.profile.id ? -1 : 1))
    .slice(0, NEAREST)
    .map(({ profile }) => profile);
}

/** The first hit and those that answer as well; forms of it are no rivals: who means one of them says which. */
export function peersOf(hits: readonly Hit[]): readonly Hit[] {
  const [first] = hits;
  if (!first) return [];
  return hits.filter(
    ({ profile, match, off }) =>
      match === first.match && off <= first.off && profile.formOf !== first.profile.id,
  );
}

/**
 * What a keeper means by a name. Certain where it is one of the names of a species in some spelling, or where one species alone
 * answers best, whatever its forms; several that answer as well are asked about. Unknown where nothing answers, or where it may well be
 * the name of a species that is not here.
 * @example meaningOf(catalogue, 'albino oscar').is // 'sure'
 */
export function meaningOf(catalogue: Catalogue, typed: string): Meaning {
  const named = speciesNamed(catalogue, typed);
  if (named) return { is: 'sure', profile: named };
  const hits = searchSpecies(catalogue, typed);
  const [first] = hits;
  if (!first || mayBeAnother(first.match))
    return { is: 'unknown', nearest: nearestSpecies(catalogue, typed, hits) };
  const isLoose = first.match === 'group' || first.match === 'part';
  return peersOf(hits).length === 1 && !isLoose
    ? { is: 'sure', profile: first.profile }
    : { is: 'doubtful', choices: hits.slice(0, CHOICES).map(({ profile }) => profile) };
}
