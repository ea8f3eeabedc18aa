import { distance } from 'fastest-levenshtein';
import { type IndexedSpecies, type IndexedWord, type NameIndex, soundsOf } from './nameIndex';
import { SHORTEST_PART, type Wanted } from './wanted';

/** Slips that a word of so many letters may have. */
const slipsIn = (word: string): number =>
  /\d/.test(word) ? 0 : word.length >= 8 ? 2 : word.length >= SHORTEST_PART ? 1 : 0;

/** So many slips more may a word have that sounds the same. */
const SOUND_SLIPS = 2;

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
export const nearWords = (
  { words }: NameIndex,
  { words: typed }: Wanted,
): readonly ReadonlyMap<string, number>[] =>
  typed.map((one) => {
    const sounds = new Set(soundsOf(one));
    return new Map(words.map((indexed) => [indexed.word, wordOff(one, indexed, sounds)]));
  });

/** How far the words of a species, or one of its names as a whole, are from what was typed; null too far. */
export function nearOff(
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
