import { foldName, joinedWords, nameWords } from '../model';
import { SHORT } from './trade';

/** What was typed, made ready to be compared. */
export interface Wanted {
  readonly words: readonly string[];
  readonly joined: string;
  /** The words as they were typed. */
  readonly typed: readonly string[];
}

export const withWords = (words: readonly string[], typed: readonly string[]): Wanted => ({
  words,
  joined: joinedWords(words),
  typed,
});

/** What was typed, with short names written out. */
export function wantedOf(typed: string): Wanted {
  const full = foldName(typed)
    .split(' ')
    .map((word) => SHORT[word] ?? SHORT[word.replace(/s$/, '')] ?? word)
    .join(' ');
  return withWords(nameWords(full), full.split(' '));
}

/** Shorter texts stand in the middle of too many words, and shorter ends say too little. */
export const SHORTEST_PART = 4;
