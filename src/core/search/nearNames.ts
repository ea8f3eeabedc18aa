import { distance } from 'fastest-levenshtein';
import { type IndexedSpecies, type IndexedWord, type NameIndex, soundsOf } from './nameIndex';
import { SHORTEST_PART, type Wanted } from './wanted';

/** Slips that a word of so many letters may have. */
const slipsIn = (word: string): number =>
  /\d/.test(word) ? 0 : word.length >= 8 ? 2 : word.length >= SHORTEST_PART ? 1 : 0;

/** So many slips more may a word have that sounds the same. */
const SOUND_SLIPS = 2;

/** A typed word, with what it may differ by. */
interface Typed {
  readonly typed: string;
  readonly slips: number;
  readonly sounds: ReadonlySet<string>;
}

/** How far a word of a name is from a typed one: 0 the same, Infinity too far. */
function wordOff({ typed, slips, sounds: heard }: Typed, { word, sounds }: IndexedWord): number {
  if (word === typed) return 0;
  if (typed.length >= 3 && word.startsWith(typed)) return 0.25;
  // What differs more in length differs more in letters.
  if (slips === 0 || Math.abs(typed.length - word.length) > slips + SOUND_SLIPS) return Infinity;
  const away = distance(typed, word);
  if (away <= slips) return away;
  const alike = typed[0] === word[0] && away <= slips + SOUND_SLIPS && sounds.some((code) => heard.has(code));
  return alike ? slips + 0.5 : Infinity;
}

/** How far the words of a species, or one of its names as a whole, are from what was typed, by looks or by sound; null too far. */
export function nearTo({ words }: NameIndex, wanted: Wanted): (species: IndexedSpecies) => number | null {
  // All words of the catalogue are compared once; few are near.
  const near = wanted.words.map((typed): ReadonlyMap<string, number> => {
    const one: Typed = { typed, slips: slipsIn(typed), sounds: new Set(soundsOf(typed)) };
    const offs = words.map((indexed): [string, number] => [indexed.word, wordOff(one, indexed)]);
    return new Map(offs.filter(([, off]) => off < Infinity));
  });
  const wordsOff = (own: ReadonlySet<string>): number => {
    let sum = 0;
    for (const one of near) {
      let best = Infinity;
      for (const [word, off] of one) if (off < best && own.has(word)) best = off;
      sum += best;
    }
    return sum;
  };
  // "fish" at the end of a word is no part of it, but a slip in it is one.
  const whole = wanted.typed.join('');
  const slips = slipsIn(wanted.joined);
  const lettersOff = (a: string, b: string): number => {
    if (Math.abs(a.length - b.length) > slips) return Infinity;
    const off = distance(a, b);
    return off <= slips ? off : Infinity;
  };
  return (species) => {
    let off = wordsOff(species.words);
    for (const { joined, written } of species.names)
      off = Math.min(off, lettersOff(joined, wanted.joined), lettersOff(written, whole));
    return off < Infinity ? off : null;
  };
}
