import { commonName, foldName, type Catalogue } from './catalogue';
import type { SpeciesProfile } from './species';

const NO_MATCH = 9;

/** How well a folded name answers what was typed; lower is better, `NO_MATCH` not at all. */
function matchRank(name: string, wanted: string, words: readonly string[]): number {
  if (name === wanted) return 0;
  if (name.startsWith(`${wanted} `)) return 1;
  if (name.startsWith(wanted)) return 2;
  const parts = name.split(' ');
  if (words.every((word) => parts.some((part) => part.startsWith(word)))) return 3;
  return words.every((word) => name.includes(word)) ? 5 : NO_MATCH;
}

const MET = { shop: 0, specialist: 1, club: 2 } as const;

/**
 * The species that the typed start of a name may mean, likeliest first: the common name before other names, what shops
 * have before what specialists have, short names before long ones. Empty when nothing is typed or nothing fits.
 */
export function findSpecies(
  catalogue: Catalogue,
  typed: string,
  limit = Infinity,
): readonly SpeciesProfile[] {
  const wanted = foldName(typed);
  if (wanted === '') return [];
  const words = wanted.split(' ');
  const ranks = new Map<string, number>();
  for (const [name, id] of catalogue.names) {
    const rank = matchRank(name, wanted, words);
    if (rank < (ranks.get(id) ?? NO_MATCH)) ranks.set(id, rank);
  }
  return [...ranks]
    .flatMap(([id, rank]) => {
      const profile = catalogue.byId.get(id);
      if (!profile) return [];
      const name = commonName(profile);
      const other = matchRank(foldName(name), wanted, words) === rank ? 0 : 0.5;
      return [{ profile, name, rank: rank + other }];
    })
    .sort(
      (a, b) =>
        a.rank - b.rank ||
        MET[a.profile.trade.met] - MET[b.profile.trade.met] ||
        a.name.length - b.name.length ||
        (a.name < b.name ? -1 : 1),
    )
    .slice(0, limit)
    .map(({ profile }) => profile);
}
