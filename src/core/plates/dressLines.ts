import { DRESS_KEYS, type Dress, type DressKey, LIKE, partsOfLine, type Wearer } from './dress';
import { DressFault } from './reading';

const WEARERS: readonly Wearer[] = ['male', 'female', 'young'];
const isKey = (word: string): word is DressKey => (DRESS_KEYS as readonly string[]).includes(word);
const isWearer = (word: string): word is Wearer => (WEARERS as readonly string[]).includes(word);

/** What a line says beside those before it: marks add up, all else is said once. */
function withLine(words: Dress, key: DressKey, value: string, isFirst: boolean): Dress {
  return key === 'marks'
    ? { ...words, marks: [...(isFirst ? [] : (words.marks ?? [])), value] }
    : { ...words, [key]: value };
}

/**
 * A dress from the lines that a keeper writes: "like: neon-tetra", "tone: olive silver pearl", "female.tail: fan", a
 * line for each marking. Markings replace those of the animal that it is like.
 *
 * @param dressOf the dress of a species or form by its id
 * Errors: throws a `DressFault` that names the line.
 * @example dressFromLines(['plan: barb', 'marks: bars ink 11 37'], () => undefined).marks // ['bars ink 11 37']
 */
export function dressFromLines(lines: readonly string[], dressOf: (id: string) => Dress | undefined): Dress {
  let dress: Dress = {};
  const marked = new Set<string>();
  for (const line of lines) {
    const parts = partsOfLine(line);
    if (parts === null || parts.includes(''))
      throw new DressFault(`"${line}" needs a name, ":" and what it says.`);
    const [name, words] = parts;
    if (name === LIKE) {
      const other = dressOf(words);
      if (!other) throw new DressFault(`No dress is known for "${words}".`);
      dress = { ...other, ...dress };
      continue;
    }
    const at = name.indexOf('.');
    const [wearer, key] = at < 0 ? [null, name] : [name.slice(0, at), name.slice(at + 1)];
    if ((wearer !== null && !isWearer(wearer)) || !isKey(key))
      throw new DressFault(`"${name}" is no part of a dress.`);
    const isFirst = !marked.has(name);
    marked.add(name);
    dress =
      wearer === null
        ? withLine(dress, key, words, isFirst)
        : { ...dress, [wearer]: withLine(dress[wearer] ?? {}, key, words, isFirst) };
  }
  return dress;
}
