import { type Dress, dressOf } from './dress';
import { readMarking } from './reading';

/** How a species is marked, in a keeper's words, by the marking of its dress that draws it. */
const WORD_OF: Readonly<Record<string, string>> = {
  stripe: 'striped',
  waves: 'striped',
  bars: 'barred',
  spots: 'spotted',
  rows: 'spotted',
  pearls: 'spotted',
  ocellus: 'spotted',
  blotch: 'patched',
  marble: 'patched',
  net: 'netted',
  maze: 'lined',
};

/** A marking paler than this is not what a species is told by. */
const PALEST = 0.6;

/** What a species is told by: the words for the strong markings of its dress; "plain" where it has none. */
export function markingsOf(dress: Dress): readonly string[] {
  const words = (dressOf(dress, null).marks ?? []).flatMap((text) => {
    const { name, numbers } = readMarking(text);
    const word = WORD_OF[name];
    return word === undefined || (numbers.a?.[0] ?? 1) < PALEST ? [] : [word];
  });
  return words.length > 0 ? [...new Set(words)] : ['plain'];
}
