import { distance } from 'fastest-levenshtein';
import { type Catalogue, commonName, foldName, joinedWords, nameWords, type SpeciesProfile } from '../model';
import {
  type IndexedName,
  type IndexedSpecies,
  type IndexedWord,
  type NameIndex,
  nameIndex,
  soundsOf,
  stemOf,
} from './nameIndex';
import { DESCRIBING, SHORT } from './trade';

/**
 * How a species answers what was typed, the best first: one of its names in some spelling; a name that begins with it, or its
 * group; its scientific name under another genus; all of its words; halves of words; a name that is described by the rest
 * ("albino oscar"); words that stand in the middle of others; words that look or sound alike.
 */
export const MATCHES = [
  'exact',
  'start',
  'group',
  'epithet',
  'words',
  'half',
  'described',
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

/** Shorter texts stand in the middle of too many words. */
const SHORTEST_PART = 4;
/** Slips that a word of so many letters may have. */
const slipsIn = (word: string): number =>
  /\d/.test(word) ? 0 : word.length >= 8 ? 2 : word.length >= SHORTEST_PART ? 1 : 0;

/** So many slips more may a word have that sounds the same. */
const SOUND_SLIPS = 2;

interface Wanted {
  readonly words: readonly string[];
  readonly joined: string;
  /** The words as they were typed. */
  readonly typed: readonly string[];
}

const withWords = (words: readonly string[], typed: readonly string[]): Wanted => ({
  words,
  joined: joinedWords(words),
  typed,
});

/** What was typed, with short names written out. */
function wantedOf(typed: string): Wanted {
  const full = foldName(typed)
    .split(' ')
    .map((word) => SHORT[word] ?? SHORT[word.replace(/s$/, '')] ?? word)
    .join(' ');
  return withWords(nameWords(full), full.split(' '));
}

type NameTest = (name: IndexedName, wanted: Wanted) => number | null;

const isWhole: NameTest = ({ joined }, wanted) => (joined === wanted.joined ? 0 : null);

const startsWith: NameTest = ({ words }, wanted) =>
  wanted.words.every((word, at) => words[at] === word) ? words.length - wanted.words.length : null;

const hasHalves: NameTest = ({ words, joined }, wanted) =>
  joined.startsWith(wanted.joined)
    ? 0
    : wanted.words.every((word) => words.some((one) => one.startsWith(word)))
      ? 1
      : null;

const hasParts: NameTest = ({ words }, wanted) =>
  wanted.words.every((word) => word.length >= SHORTEST_PART && words.some((one) => one.includes(word)))
    ? 0
    : null;

/** The best of the names of a species by one test, with a little for the name that comes first. */
function bestName({ names }: IndexedSpecies, wanted: Wanted, test: NameTest): number | null {
  let best = Infinity;
  for (const name of names) {
    const off = test(name, wanted);
    if (off !== null) best = Math.min(best, off + (name.first ? 0 : 0.5));
  }
  return Number.isFinite(best) ? best : null;
}

/** The end of a scientific name under a genus that nobody knows, or under one of its family. */
function epithetOff({ families }: NameIndex, species: IndexedSpecies, wanted: Wanted): number | null {
  const genus = wanted.words[0] as string;
  const [, epithet, ...more] = wanted.typed;
  if (epithet === undefined || more.length > 0) return null;
  const stem = stemOf(epithet);
  if (!species.epithets.has(stem)) return null;
  const known = families.get(genus);
  if (known) return known.has(species.profile.family) ? 0 : null;
  // Under a genus that nobody knows, a short end says too little: "golden julie" is no "julii".
  const isTelling = stem.length >= SHORTEST_PART && !DESCRIBING.has(genus) && !species.words.has(genus);
  return isTelling ? 1 : null;
}

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

/** How far a word of a name is from a typed one: 0 the same, Infinity too far. */
function wordOff(typed: string, { word, sounds }: IndexedWord, wanted: ReadonlySet<string>): number {
  if (word === typed) return 0;
  if (typed.length >= 3 && word.startsWith(typed)) return 0.25;
  const slips = slipsIn(typed);
  if (slips === 0) return Infinity;
  const away = distance(typed, word);
  if (away <= slips) return away;
  const alike =
    typed[0] === word[0] && away <= slips + SOUND_SLIPS && sounds.some((code) => wanted.has(code));
  return alike ? slips + 0.5 : Infinity;
}

/** Words that look or sound like the typed ones, for all words of the catalogue at once. */
const nearWords = ({ words }: NameIndex, { words: typed }: Wanted): readonly ReadonlyMap<string, number>[] =>
  typed.map((one) => {
    const sounds = new Set(soundsOf(one));
    return new Map(words.map((indexed) => [indexed.word, wordOff(one, indexed, sounds)]));
  });

function nearOff(
  species: IndexedSpecies,
  wanted: Wanted,
  near: readonly ReadonlyMap<string, number>[],
): number | null {
  let sum = 0;
  for (const one of near) {
    let best = Infinity;
    for (const word of species.words) best = Math.min(best, one.get(word) as number);
    sum += best;
  }
  // "fish" at the end of a word is no part of it, but a slip in it is one.
  const whole = wanted.typed.join('');
  const slips = slipsIn(wanted.joined);
  // What differs more in length differs more in letters.
  const lettersOff = (a: string, b: string): number =>
    Math.abs(a.length - b.length) <= slips ? distance(a, b) : Infinity;
  const together = Math.min(
    ...species.names.flatMap(({ joined, written }) => [
      lettersOff(joined, wanted.joined),
      lettersOff(written, whole),
    ]),
  );
  const off = Math.min(sum, together <= slips ? together : Infinity);
  return Number.isFinite(off) ? off : null;
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

/** Tests in the order of `MATCHES`, but for near ones, which are asked only where nothing else answers. */
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
    ['epithet', () => epithetOff(index, species, wanted)],
    ['words', () => (wanted.words.every((word) => words.has(word)) ? 0 : null)],
    ['half', () => bestName(species, wanted, hasHalves)],
    ['described', () => describedOff(index, species, wanted, telling)],
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
  const near = nearWords(index, wanted);
  return index.species
    .flatMap((species): readonly Hit[] => {
      const off = nearOff(species, wanted, near);
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
  const near = nearSpecies(index, wanted);
  // One slip in a whole name is likelier than a name with words too many: "glo light tetra".
  const slips = near.filter(({ off }) => off <= 1);
  if (ranked.length > 0)
    return [...slips, ...ranked.filter(({ profile }) => !slips.some((hit) => hit.profile === profile))];
  return near.length > 0
    ? near
    : nearSpecies(
        index,
        withWords(
          wanted.words.filter((word) => !DESCRIBING.has(word)),
          wanted.typed,
        ),
      );
}

/** The likeliest species that a text may mean, at most `limit` of them. */
export const findSpecies = (
  catalogue: Catalogue,
  typed: string,
  limit = Infinity,
): readonly SpeciesProfile[] =>
  searchSpecies(catalogue, typed)
    .slice(0, limit)
    .map(({ profile }) => profile);
