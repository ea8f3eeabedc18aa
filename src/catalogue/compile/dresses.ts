import {
  animalOf,
  type Dress,
  DRESS_KEYS,
  type DressKey,
  dressOf,
  plateOf,
  type Wearer,
} from '@/core/plates';

const PREFIX = 'dress.';
const WEARERS: readonly Wearer[] = ['male', 'female', 'young'];

/** Lines of the catalogue that say how an animal looks, by their path. */
export type DressLines = Readonly<Record<string, unknown>>;

export const isDressPath = (path: string): boolean => path.startsWith(PREFIX);

type Draft = Record<string, unknown>;

/** A dress from the lines of its levels, the widest first: what is nearer goes before. */
export function dressFrom(chain: readonly DressLines[]): Dress {
  const dress: Draft = {};
  for (const lines of chain)
    for (const [path, value] of Object.entries(lines)) {
      const [first, second] = path.slice(PREFIX.length).split('.') as [string, string?];
      if (second === undefined) dress[first] = value;
      else dress[first] = { ...(dress[first] as Draft | undefined), [second]: value };
    }
  return dress;
}

const isKey = (key: string): key is DressKey => (DRESS_KEYS as readonly string[]).includes(key);

/** Lines of a level that no dress has. */
export const strangeDressPaths = (lines: DressLines): readonly string[] =>
  Object.keys(lines).filter((path) => {
    const [first = '', second] = path.slice(PREFIX.length).split('.');
    return second === undefined
      ? !isKey(first)
      : !(WEARERS as readonly string[]).includes(first) || !isKey(second);
  });

/** What cannot be drawn of a dress, a line each: every sex and age is tried. */
export function dressFaults(dress: Dress, depthRatio: number): readonly string[] {
  return [null, ...WEARERS.filter((wearer) => dress[wearer])].flatMap((wearer) => {
    try {
      plateOf(animalOf(dressOf(dress, wearer), depthRatio), 'mark', 20, 'trial');
      return [];
    } catch (error) {
      return [`dress${wearer ? ` of the ${wearer}` : ''}: ${(error as Error).message}`];
    }
  });
}
