import { type Catalogue, commonName, type SpeciesProfile } from '../model';
import { nearTo } from './nearNames';
import { type IndexedName, type IndexedSpecies, type NameIndex, nameIndex } from './nameIndex';
import { elsewhereOff, epithetOff } from './scientific';
import { DESCRIBING } from './trade';
import { SHORTEST_PART, type Wanted, wantedOf, withWords } from './wanted';

/**
 * How a species answers what was typed, the best first: one of its names in some spelling; a name that begins with it, or its
 * group; its scientific name with another ending; all of its words; halves of words; a name that is described by the rest
 * ("albino oscar"); the end of its scientific name under another genus; a name with words beside it that nobody knows, or with
 * another genus; words that stand in the middle of others; words that look or sound alike.
 */
export const MATCHES = [
  'exact',
  'start',
  'group',
  'epithet',
  'words',
  'half',
  'described',
  'elsewhere',
  'beside',
  'part',
  'near',
] as const;
export type Match = (typeof MATCHES)[number];

export interface Hit {
  readonly profile: SpeciesProfile;
  readonly match: Match;
  /** How far off within its match, the less the better. */
  readonly off: number;
}

type NameTest = (name: IndexedName, wanted: Wanted) => number | null;

const isWhole: NameTest = ({ joined }, wanted) => (joined === wanted.joined ? 0 : null);

const startsWith: NameTest = ({ words }, wanted) =>
  wanted.words.every((word, at) => words[at] === word) ? words.length - wanted.words.length : null;

/** "Hara hara" is the name of a catfish; a cichlid is called hara. */
const isSaidOnce = (words: readonly string[]): boolean => new Set(words).size === words.length;

const hasHalves: NameTest = ({ words, joined }, wanted) =>
  joined.startsWith(wanted.joined)
    ? 0
    : isSaidOnce(wanted.words) && wanted.words.every((word) => words.some((one) => one.startsWith(word)))
      ? 1
      : null;

const hasParts: NameTest = ({ words }, wanted) =>
  wanted.words.every((word) => word.length >= SHORTEST_PART && words.some((one) => one.includes(word)))
    ? 0
    : null;

/**
 * Whether it may well be another species that is meant, which is not here: "Badis bengalensis" holds the name "badis", and the calypso
 * tetra, Hyphessobrycon axelrodi, ends like the cardinal tetra.
 */
export const mayBeAnother = (match: Match): boolean => match === 'beside' || match === 'elsewhere';

/** The best of the names of a species by one test, with a little for the name that comes first. */
function bestName({ names }: IndexedSpecies, wanted: Wanted, test: NameTest): number | null {
  let best = Infinity;
  for (const name of names) {
    const off = test(name, wanted);
    if (off !== null) best = Math.min(best, off + (name.first ? 0 : 0.5));
  }
  return Number.isFinite(best) ? best : null;
}

/** Whether each word that was typed is one of the species, describes, or is known of others as anything but a genus. */
const isExplained = (
  { known, families }: NameIndex,
  { words: own }: IndexedSpecies,
  { words }: Wanted,
): boolean =>
  isSaidOnce(words) &&
  words.every(
    (word) =>
      own.has(word) ||
      // Of short words the plural is not told apart before: "yo yos".
      own.has(word.replace(/s$/, '')) ||
      DESCRIBING.has(word) ||
      (known.has(word) && !families.has(word)),
  );

/** Words that tell no species apart: "barb" of "gold barb", the genus of a scientific name whose end nobody knows. */
const tellsNothing = ({ heads, families, starts }: NameIndex, words: readonly string[]): boolean =>
  words.every((word) => heads.has(word)) ||
  (words.length === 1 && families.has(words[0] as string) && !starts.has(words[0] as string));

/** A name that stands whole in what was typed and ends with its last word, or begins with all that is no description. */
function describedOff(
  index: NameIndex,
  { names, words }: IndexedSpecies,
  wanted: Wanted,
  telling: Wanted,
): number | null {
  const last = telling.words[telling.words.length - 1];
  const off = names.map((name) => {
    const whole = name.words.every((word) => wanted.words.includes(word)) && !tellsNothing(index, name.words);
    if (!whole || name.words[name.words.length - 1] !== last) return Infinity;
    // "neon blue dwarf gourami" ends with "dwarf gourami", and only holds "blue" and "gourami".
    const atEnd = wanted.joined.endsWith(name.joined) ? 0 : 0.5;
    return wanted.words.length - name.words.length + atEnd;
  });
  const least = Math.min(...off);
  if (Number.isFinite(least)) return least;
  if (tellsNothing(index, telling.words)) return null;
  return telling.words.every((word) => words.has(word)) ? wanted.words.length : null;
}

const MET = { shop: 0, specialist: 1, club: 2 } as const;
/**
 * Of those that answer alike: species before forms, what every shop has before what few have, and what most is known of, which
 * is what most keep.
 */
const inOrder = (a: Hit, b: Hit): number =>
  MATCHES.indexOf(a.match) - MATCHES.indexOf(b.match) ||
  a.off - b.off ||
  Number(a.profile.formOf !== null) - Number(b.profile.formOf !== null) ||
  MET[a.profile.trade.met] - MET[b.profile.trade.met] ||
  b.profile.confidence - a.profile.confidence ||
  commonName(a.profile).length - commonName(b.profile).length ||
  (commonName(a.profile) < commonName(b.profile) ? -1 : 1);

/** The first of the tests that is passed; near ones are asked only where nothing else answers. */
function bestMatch(
  index: NameIndex,
  species: IndexedSpecies,
  wanted: Wanted,
  telling: Wanted,
): Omit<Hit, 'profile'> | null {
  const { words, groups } = species;
  const tests: readonly (readonly [Match, () => number | null])[] = [
    ['exact', () => bestName(species, wanted, isWhole)],
    ['start', () => bestName(species, wanted, startsWith)],
    ['group', () => (groups.has(wanted.joined) ? 0 : null)],
    ['epithet', () => epithetOff(species, wanted)],
    // Before its words: genus and end may stand in two of its names, and together name another species.
    ['elsewhere', () => elsewhereOff(index, species, wanted)],
    ['words', () => (isSaidOnce(wanted.words) && wanted.words.every((word) => words.has(word)) ? 0 : null)],
    ['half', () => bestName(species, wanted, hasHalves)],
    [
      isExplained(index, species, wanted) ? 'described' : 'beside',
      () => describedOff(index, species, wanted, telling),
    ],
    ['part', () => bestName(species, wanted, hasParts)],
  ];
  for (const [match, test] of tests) {
    const off = test();
    if (off !== null) return { match, off };
  }
  return null;
}

/** Species whose words look or sound like all of the typed ones. */
function nearSpecies(index: NameIndex, wanted: Wanted): readonly Hit[] {
  if (tellsNothing(index, wanted.words)) return [];
  const offOf = nearTo(index, wanted);
  return index.species
    .flatMap((species): readonly Hit[] => {
      const off = offOf(species);
      return off === null ? [] : [{ profile: species.profile, match: 'near', off }];
    })
    .sort(inOrder);
}

/**
 * The species that a text may mean, likeliest first, each with how it answers.
 *
 * Words may be plural, in any order, halved, run together or parted, with a slip or two, short for others ("GBR", "CPD"),
 * or of the trade ("albino", "long-fin"). Empty when nothing is typed or nothing fits.
 */
export function searchSpecies(catalogue: Catalogue, typed: string): readonly Hit[] {
  const wanted = wantedOf(typed);
  if (wanted.joined === '') return [];
  const index = nameIndex(catalogue);
  const tells = wanted.words.filter((word) => !DESCRIBING.has(word) && index.known.has(word));
  const telling = withWords(tells, wanted.typed);
  const ranked = index.species.flatMap((species): readonly Hit[] => {
    const match = bestMatch(index, species, wanted, telling);
    return match ? [{ ...match, profile: species.profile }] : [];
  });
  ranked.sort(inOrder);
  const [best] = ranked;
  if (best !== undefined && MATCHES.indexOf(best.match) < MATCHES.indexOf('described')) return ranked;
  const whole = nearSpecies(index, wanted);
  // Words that describe may stand beside a slip: "wild Danoi rerio".
  const bare = withWords(
    wanted.words.filter((word) => !DESCRIBING.has(word)),
    wanted.typed,
  );
  const near = whole.length > 0 || best?.match === 'described' ? whole : nearSpecies(index, bare);
  if (ranked.length === 0) return near;
  // One slip in a whole name is likelier than a name with words too many: "glo light tetra".
  const slips = near.filter(({ off }) => off > 0 && off <= 1);
  return [...slips, ...ranked.filter(({ profile }) => !slips.some((hit) => hit.profile === profile))];
}

/** The likeliest species that a text means, at most `limit` of them; none where the name may well be of a species that is not here. */
export function findSpecies(
  catalogue: Catalogue,
  typed: string,
  limit = Infinity,
): readonly SpeciesProfile[] {
  const hits = searchSpecies(catalogue, typed);
  const [first] = hits;
  return first && mayBeAnother(first.match) ? [] : hits.slice(0, limit).map(({ profile }) => profile);
}
