import { type Catalogue, commonName, type Resolved, resolveSpecies } from '../model';
import { type Match, searchSpecies } from './findSpecies';
import { nearestSpecies, peersOf } from './sureSpecies';

/** So many are named where a name of a file means several. */
const NAMED = 3;
/** Nobody is there to ask what a file means: words that are cut short, described or misspelt are no name in a file. */
const WHOLE_WORDS: readonly Match[] = ['exact', 'start', 'epithet', 'words'];

/**
 * The species that a name in a file means, by the search that the screens use: the one that its words name, or else those that it
 * may mean, as text.
 * @example resolveTyped(catalogue, 'red tail shark').ok // true
 */
export function resolveTyped(catalogue: Catalogue, typed: string): Resolved {
  const named = resolveSpecies(catalogue, typed);
  if (named.ok) return named;
  const best = peersOf(searchSpecies(catalogue, typed));
  const [first, second] = best;
  if (first && !second && WHOLE_WORDS.includes(first.match)) return { ok: true, profile: first.profile };
  // Misspelt, and near one name of all.
  if (first?.match === 'near' && named.nearest !== '') return named;
  const near = first ? best.map(({ profile }) => profile) : nearestSpecies(catalogue, typed);
  return {
    ok: false,
    nearest: near
      .slice(0, NAMED)
      .map((profile) => `${commonName(profile)} (${profile.id})`)
      .join(' or '),
  };
}

/** The same entry by the identifier of the species that it names; as it is where that is not certain. */
export function byIdentifier<T extends { readonly species: string }>(catalogue: Catalogue, entry: T): T {
  const found = resolveTyped(catalogue, entry.species);
  return found.ok && found.profile.id !== entry.species ? { ...entry, species: found.profile.id } : entry;
}
