/** The keys of a dress that a sex or an age may change. */
export const DRESS_KEYS = [
  'plan',
  'shape',
  'tone',
  'eye',
  'fins',
  'dorsal',
  'dorsal2',
  'anal',
  'tail',
  'pelvic',
  'pectoral',
  'adipose',
  'barbels',
  'marks',
] as const;

export type DressKey = (typeof DRESS_KEYS)[number];

/** One dress: short texts, each read by its own words (docs/plates.md). */
export interface DressWords {
  /** The body plan that everything departs from. */
  readonly plan?: string;
  /** What its build changes: "deep 0.9 hump 4 12 8". */
  readonly shape?: string;
  /** Colours of back, flank and belly: "olive silver pearl". */
  readonly tone?: string;
  /** Ring of the eye. */
  readonly eye?: string;
  /** Paint of all fins: "clear a 0.4". */
  readonly fins?: string;
  readonly dorsal?: string;
  readonly dorsal2?: string;
  readonly anal?: string;
  readonly tail?: string;
  readonly pelvic?: string;
  readonly pectoral?: string;
  readonly adipose?: string;
  /** Colour of barbels, of a snail's foot, of a hood. */
  readonly barbels?: string;
  /** Markings, the lowest first. */
  readonly marks?: readonly string[];
}

/** The dress of an animal, with what its male, its female and its young have of their own. */
export interface Dress extends DressWords {
  readonly male?: DressWords;
  readonly female?: DressWords;
  readonly young?: DressWords;
}

/** Whose dress is meant. */
export type Wearer = 'male' | 'female' | 'young';

/** The dress of a sex or an age: its own words over those of all. */
export function dressOf(dress: Dress, wearer: Wearer | null): DressWords {
  const { male, female, young, ...words } = dress;
  return wearer === null ? words : { ...words, ...{ male, female, young }[wearer] };
}

/** The line that takes over the dress of another animal. */
export const LIKE = 'like';

/** A line of a dress in its parts, or null where it has no ":". */
export function partsOfLine(line: string): readonly [key: string, words: string] | null {
  const at = line.indexOf(':');
  return at < 0 ? null : [line.slice(0, at).trim(), line.slice(at + 1).trim()];
}
