/** Case, accents, apostrophes, hyphens and doubled spaces do not tell two names apart. */
export function foldName(name: string): string {
  return name
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase()
    .replace(/['’`]/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
}

/** Words that say the same to keepers, as they are compared. */
const SAME: Readonly<Record<string, string>> = { plec: 'pleco', plecostomu: 'pleco' };

/** Words that are nothing but a rest of a name: "Ancistrus sp.", "Apistogramma cf. agassizii". */
const EMPTY = ['fish', 'sp', 'spp', 'cf', 'aff', 'var', 'the', 'a', 'an', 'of'];

/** Shorter words end in "s" by themselves. */
const SHORTEST_PLURAL = 4;
/** What is left of a word without "fish" has to mean something. */
const SHORTEST_REST = 3;

/** One of several, and one spelling for "y", "ie" and "i": "platies", "platys" and "platy" are "plati". */
function single(word: string): string {
  let one = word;
  if (one.length >= SHORTEST_PLURAL) {
    if (/ies$/.test(one)) one = one.slice(0, -2);
    else if (/(ch|sh|x|z|ss)es$/.test(one)) one = one.slice(0, -2);
    else if (/[^s]s$/.test(one)) one = one.slice(0, -1);
  }
  return one.replace(/(?:ie|y)$/, 'i');
}

/**
 * The words of a name as they are compared: folded, one for several, "rainbowfish" as "rainbow", "L-046" as "l46".
 * @example nameWords('Rummy-nose Tetras') // ['rummi', 'nose', 'tetra']
 */
export function nameWords(name: string): readonly string[] {
  const words = foldName(name)
    .replace(/\b(l|lda) ?0*(\d+)[a-z]?\b/g, '$1$2')
    .split(' ')
    .filter((word) => word !== '');
  const kept = words.flatMap((word) => {
    const one = single(word);
    if (EMPTY.includes(one)) return [];
    const rest = one.length >= SHORTEST_REST + 'fish'.length ? one.replace(/fish$/, '') : one;
    return [SAME[rest] ?? rest];
  });
  return kept.length > 0 ? kept : words;
}

/** Words as one: "rummynose" and "rummy nose" are the same. */
export const joinedWords = (words: readonly string[]): string => words.join('').replace(/y/g, 'i');

/**
 * A name as one key: two names with one key are the same name, spelt otherwise.
 * @example nameKey('rope fish') === nameKey('Ropefish') // true
 */
export const nameKey = (name: string): string => joinedWords(nameWords(name));
